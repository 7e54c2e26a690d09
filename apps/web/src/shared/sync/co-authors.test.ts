import fc from 'fast-check';
import { readCoAuthor } from './co-authors';

test('what another screen announces is read, and cut to what can be shown', () => {
  const state = { name: 'x'.repeat(500), at: 'fork', selected: ['a', 7, 'b'], pointer: { x: 12, y: 'no' } };
  expect(readCoAuthor(3, state)).toEqual({
    client: 3,
    name: 'x'.repeat(80),
    at: 'fork',
    selected: ['a', 'b'],
    pointer: { x: 12, y: 0 },
  });
});

test('anything at all is survived; without a slide there is nobody to show', () => {
  fc.assert(
    fc.property(fc.jsonValue(), (state) => {
      const read = readCoAuthor(1, state);
      expect(read === null || read.selected.every((id) => typeof id === 'string')).toBe(true);
    }),
  );
  expect(readCoAuthor(1, { name: 'Odile' })).toBeNull();
});
