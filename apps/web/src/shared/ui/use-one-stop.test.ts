import fc from 'fast-check';
import { placeAfterKey } from './use-one-stop';

test('arrows go to the neighbours, round at the ends; Home and End to the ends; other keys nowhere', () => {
  expect([placeAfterKey('ArrowDown', 0, 3), placeAfterKey('ArrowDown', 2, 3)]).toEqual([1, 0]);
  expect([placeAfterKey('ArrowUp', 2, 3), placeAfterKey('ArrowUp', 0, 3)]).toEqual([1, 2]);
  expect([placeAfterKey('Home', 1, 3), placeAfterKey('End', 1, 3)]).toEqual([0, 2]);
  expect(placeAfterKey('Tab', 1, 3)).toBeNull();
});

test('down and up lead back, and every button is come to', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 40 }), fc.nat(), (count, wherever) => {
      const at = wherever % count;
      const down = placeAfterKey('ArrowDown', at, count) ?? -1;
      expect(placeAfterKey('ArrowUp', down, count)).toBe(at);
      const met = new Set<number>();
      for (let place = 0; met.size < count && !met.has(place); place = placeAfterKey('ArrowDown', place, count) ?? -1)
        met.add(place);
      expect(met.size).toBe(count);
    }),
  );
});
