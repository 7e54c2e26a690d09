import { isNearlyFull } from './tell-room';

test('four fifths are nearly all', () => {
  expect([799, 800, 1000].map((used) => isNearlyFull({ used, most: 1000 }))).toEqual([false, true, true]);
});
