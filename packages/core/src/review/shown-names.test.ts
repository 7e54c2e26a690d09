import fc from 'fast-check';
import { shownName } from './index.js';

test.each([
  ['Noor Ashby', 'Noor A.'],
  ['Mary Jane  Reed', 'Mary R.'],
  ['Ötzi Übel', 'Ötzi Ü.'],
  ['Cosima', 'Cosima'],
  ['', ''],
])('%s is shortened to %s', (name, short) => {
  expect(shownName(name, 'shortened', 1)).toBe(short);
});

test('what is hidden says nothing of a name, and what is shown all of it', () => {
  fc.assert(
    fc.property(fc.string(), fc.integer({ min: 1, max: 200 }), (name, place) => {
      expect(shownName(name, 'hidden', place)).toBe(String(place));
      expect(shownName(name, 'shown', place)).toBe(name);
    }),
  );
});
