import fc from 'fast-check';
import { wayCourse } from './way-course';

const from = { x: 100, y: 50 };
const to = { x: 300, y: 150 };
const ends = (path: string) => path.match(/-?\d+(?:\.\d+)?/g)?.map(Number) ?? [];

test('a way begins and ends at its ports, whatever lies between', () => {
  const point = fc.record({ x: fc.integer({ min: -2000, max: 2000 }), y: fc.integer({ min: -2000, max: 2000 }) });
  fc.assert(
    fc.property(point, point, fc.array(point, { maxLength: 4 }), fc.nat({ max: 3 }), (a, b, bends, place) => {
      const numbers = ends(wayCourse(a, b, bends, place).path);
      expect(numbers.slice(0, 2)).toEqual([a.x, a.y]);
      expect(numbers.slice(-2)).toEqual([b.x, b.y]);
    }),
  );
});

test('a way that leads on has its middle between the cards', () => {
  expect(wayCourse(from, to, [], 0).middle).toEqual({ x: 200, y: 100 });
});

test('several ways between the same slides lie apart', () => {
  const middles = [0, 1, 2].map((place) => wayCourse(from, to, [], place).middle.y);
  expect(new Set(middles).size).toBe(3);
});

test('a way back runs beneath both cards', () => {
  expect(wayCourse(to, from, [], 0).middle.y).toBeGreaterThan(Math.max(from.y, to.y));
  expect(wayCourse(to, from, [], 1).middle.y).toBeGreaterThan(wayCourse(to, from, [], 0).middle.y);
});

test('bends are taken in the direction of the way', () => {
  const bends = [
    { x: 150, y: 400 },
    { x: 250, y: 500 },
  ];
  const there = wayCourse(from, to, bends, 0).path;
  const back = wayCourse(to, from, bends, 0).path;
  expect(there.indexOf('150 400')).toBeLessThan(there.indexOf('250 500'));
  expect(back.indexOf('250 500')).toBeLessThan(back.indexOf('150 400'));
});

test('a place on a way is at its ends and in its middle where the path says it is', () => {
  const point = fc.record({ x: fc.integer({ min: -2000, max: 2000 }), y: fc.integer({ min: -2000, max: 2000 }) });
  fc.assert(
    fc.property(point, point, fc.array(point, { maxLength: 4 }), fc.nat({ max: 3 }), (a, b, bends, place) => {
      const course = wayCourse(a, b, bends, place);
      expect([course.at(0), course.at(1)]).toEqual([a, b]);
      expect([course.at(-1), course.at(2)]).toEqual([a, b]);
    }),
  );
  expect(wayCourse(from, to, [], 0).at(0.5)).toEqual(wayCourse(from, to, [], 0).middle);
  expect(wayCourse(to, from, [], 1).at(0.5)).toEqual(wayCourse(to, from, [], 1).middle);
});
