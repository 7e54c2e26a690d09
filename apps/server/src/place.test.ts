import { placeFrom, UnsafePlace } from './place.js';

test('on loopback there is no TLS, and nothing else is asked', () => {
  expect(placeFrom({})).toEqual({ host: '127.0.0.1', isBehindTls: false, address: null, loadsSample: false });
  for (const HOST of ['localhost', '::1', '127.0.0.2'])
    expect(placeFrom({ HOST, LOAD_SAMPLE: 'yes' })).toEqual({
      host: HOST,
      isBehindTls: false,
      address: null,
      loadsSample: true,
    });
});

test('where others can reach it, it starts behind TLS, or when somebody has confirmed that they know', () => {
  expect(() => placeFrom({ HOST: '0.0.0.0' })).toThrow(UnsafePlace);
  expect(() => placeFrom({ HOST: '192.168.1.4' })).toThrow(/GOBREL_WITHOUT_TLS=yes/);
  expect(() => placeFrom({ HOST: '127.0.0.1.elsewhere.example' })).toThrow(UnsafePlace);
  expect(placeFrom({ HOST: '0.0.0.0', GOBREL_WITHOUT_TLS: 'yes' }).isBehindTls).toBe(false);
  expect(placeFrom({ HOST: '0.0.0.0', GOBREL_PUBLIC_ADDRESS: 'https://gobrel.school.example' }).isBehindTls).toBe(true);
});

test('an address that is none, or no TLS, is said in words', () => {
  for (const GOBREL_PUBLIC_ADDRESS of [
    '',
    'http://gobrel.school.example',
    'gobrel.school.example',
    'https://x.example/a',
  ])
    expect(() => placeFrom({ GOBREL_PUBLIC_ADDRESS })).toThrow(/such as https:/);
});

test('the sample scenario is loaded only where it is asked for', () => {
  const GOBREL_PUBLIC_ADDRESS = 'https://gobrel.school.example';
  expect(placeFrom({ GOBREL_PUBLIC_ADDRESS }).loadsSample).toBe(false);
  expect(placeFrom({ GOBREL_PUBLIC_ADDRESS, LOAD_SAMPLE: 'yes' }).loadsSample).toBe(true);
});
