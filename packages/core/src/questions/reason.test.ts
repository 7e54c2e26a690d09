import fc from 'fast-check';
import { readReason, type Reason } from './reason.js';

const count = fc.nat();
const text = fc.string();
const reasons: fc.Arbitrary<Reason> = fc.oneof(
  fc.constantFrom({ code: 'not-marked' as const }, { code: 'one-end' as const }, { code: 'right-place' as const }),
  fc.record({ code: fc.constant('said' as const), text }),
  fc.record({ code: fc.constant('no-such-unit' as const), unit: text, key: text }),
  fc.record({ code: fc.constant('pieces' as const), right: count, of: count, wrong: count }),
);

test('what is stored is read as it was', () => {
  fc.assert(
    fc.property(reasons, (reason) => {
      expect(readReason(JSON.parse(JSON.stringify(reason)))).toEqual(reason);
    }),
  );
});

test('a sentence, as reasons once were, is what somebody said', () => {
  expect(readReason('Right is B.')).toEqual({ code: 'said', text: 'Right is B.' });
  expect(readReason('')).toBeNull();
});

test.each([
  null,
  7,
  {},
  { code: 'toString' },
  { code: 'hasOwnProperty' },
  { code: 'key' },
  { code: 'key', key: 7 },
  { code: 'pieces', right: 1, of: 'two', wrong: 0 },
  { code: 'ends', right: null, of: 2 },
])('%j is no reason', (value) => {
  expect(readReason(value)).toBeNull();
});

test('of a stored reason nothing is taken but its own values', () => {
  expect(readReason({ code: 'key', key: 'B', other: 'x' })).toEqual({ code: 'key', key: 'B' });
  expect(readReason({ code: 'one-end', key: 'B' })).toEqual({ code: 'one-end' });
});
