import fc from 'fast-check';
import { isTollPaid, payToll, tollFor } from './index.js';

const NOW = 1_800_000_123_456;
const minute = Math.floor(NOW / 60_000);

test('there is none while few come, and it grows with how many do, to an end', () => {
  expect(tollFor(59, 60, NOW)).toBeNull();
  const bits = [60, 119, 120, 240, 480, 960, 1e9].map((count) => tollFor(count, 60, NOW)?.bits);
  expect(bits).toEqual([16, 16, 17, 18, 19, 20, 20]);
});

test('what was paid holds for its purpose only, for a while only, and not for a dearer toll', () => {
  const toll = { minute, bits: 12 };
  fc.assert(
    fc.property(fc.string(), (purpose) => {
      const paid = payToll(purpose, toll);
      expect(isTollPaid(purpose, toll, paid, NOW)).toBe(true);
      expect(isTollPaid(purpose, toll, paid, NOW + 2 * 60_000)).toBe(true);
      expect(isTollPaid(purpose, toll, paid, NOW + 3 * 60_000)).toBe(false);
      expect(isTollPaid(purpose, toll, paid, NOW - 60_000)).toBe(false);
      // One in 2^12 of these is paid by chance; so none is paid twice over.
      const others = ['a', 'b', 'c'].filter((other) => isTollPaid(purpose + other, toll, paid, NOW));
      expect(others.length).toBeLessThan(2);
      expect(isTollPaid(purpose, { minute, bits: 60 }, paid, NOW)).toBe(false);
    }),
    { numRuns: 8 },
  );
});

test.each(['', '7', '7.', '.7', '7.7.7', 'x.7', `${minute}.-1`, `${minute}.1e9`])('%s pays nothing', (paid) => {
  expect(isTollPaid('a', { minute, bits: 0 }, paid, NOW)).toBe(false);
});
