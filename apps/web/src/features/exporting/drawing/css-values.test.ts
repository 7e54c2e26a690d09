/** Computed values of CSS, as Chromium writes them. */
import { readColour, readGradient, readLength, readUrl, splitList } from './css-values';

test.each([
  ['rgb(29, 43, 42)', [29, 43, 42, 1]],
  ['rgba(255, 252, 245, 0.35)', [255, 252, 245, 0.35]],
  ['color(srgb 1 0.5 0 / 0.84)', [255, 128, 0, 0.84]],
  ['rgba(0, 0, 0, 0)', [0, 0, 0, 0]],
  ['none', [0, 0, 0, 0]],
])('the colour %s', (value, colour) => {
  expect(readColour(value)).toEqual(colour);
});

test('a list is split where no bracket is open', () => {
  expect(splitList('linear-gradient(rgb(1, 2, 3), rgb(4, 5, 6)), url("a,b")')).toEqual([
    'linear-gradient(rgb(1, 2, 3), rgb(4, 5, 6))',
    'url("a,b")',
  ]);
  expect(splitList('')).toEqual([]);
});

test('a gradient has its angle, its colours and where they stand', () => {
  expect(readGradient('linear-gradient(90deg, rgb(1, 2, 3), rgb(4, 5, 6) 40%)')).toEqual({
    angle: 90,
    stops: [
      { colour: [1, 2, 3, 1], at: null },
      { colour: [4, 5, 6, 1], at: 0.4 },
    ],
  });
  expect(readGradient('linear-gradient(rgba(0, 0, 0, 0) 56%, rgb(4, 5, 6) 56%)')?.angle).toBe(180);
  expect(readGradient('radial-gradient(red, blue)')).toBeNull();
});

test('lengths and addresses', () => {
  expect(readLength('12.5px')).toBe(12.5);
  expect(readLength('normal')).toBe(0);
  expect(readUrl('url("/api/pictures/a\\"b")')).toBe('/api/pictures/a"b');
  expect(readUrl('none')).toBeNull();
});
