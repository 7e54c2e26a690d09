import { decodeText } from './decode-text';

const bytes = (...values: number[]) => new Uint8Array(values);

test('names are read as they were written, whatever a school’s programs write files in', () => {
  expect(decodeText(new TextEncoder().encode('Zoë Müller'))).toBe('Zoë Müller');
  expect(decodeText(bytes(0x5a, 0x6f, 0xeb, 0x20, 0x4d, 0xfc, 0x6c))).toBe('Zoë Mül');
  expect(decodeText(bytes(0xff, 0xfe, 0x5a, 0x00, 0xeb, 0x00))).toBe('Zë');
  expect(decodeText(bytes(0xfe, 0xff, 0x00, 0x5a, 0x00, 0xeb))).toBe('Zë');
  expect(decodeText(bytes())).toBe('');
});
