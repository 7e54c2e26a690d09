import fc from 'fast-check';
import {
  bendTowards,
  boundsOfWay,
  type Course,
  cornersOfConnector,
  headingAt,
  leavesSideways,
  middleOf,
  nearestSide,
  pathOfConnector,
  sideOf,
} from './index.js';

const course = (fields: Partial<Course> = {}): Course => ({
  from: { x: 0, y: 0 },
  to: { x: 100, y: 40 },
  connectorStyle: 'straight',
  bend: 0,
  sideways: true,
  ...fields,
});
const points = fc.record({ x: fc.integer({ min: -500, max: 500 }), y: fc.integer({ min: -500, max: 500 }) });
const courses: fc.Arbitrary<Course> = fc.record({
  from: points,
  to: points,
  connectorStyle: fc.constantFrom('straight', 'elbow', 'curve'),
  bend: fc.integer({ min: -300, max: 300 }),
  sideways: fc.boolean(),
});

test('a straight line is two points, a bent one three, an elbow four at right angles', () => {
  expect(pathOfConnector(course())).toBe('M0 0L100 40');
  expect(cornersOfConnector(course({ bend: 10 }))).toHaveLength(3);
  expect(cornersOfConnector(course({ connectorStyle: 'elbow', bend: 20 }))).toEqual([
    { x: 0, y: 0 },
    { x: 70, y: 0 },
    { x: 70, y: 40 },
    { x: 100, y: 40 },
  ]);
  expect(pathOfConnector(course({ connectorStyle: 'elbow', sideways: false }))).toBe('M0 0L0 20L100 20L100 40');
});

test('a line bent towards a point has its middle there, as far as its direction allows', () => {
  fc.assert(
    fc.property(courses, points, (any, point) => {
      const middle = middleOf({ ...any, bend: bendTowards(any, point) });
      const straight = middleOf({ ...any, bend: 0 });
      const gap = (a: typeof point, b: typeof point) => Math.hypot(a.x - b.x, a.y - b.y);
      // Of all places along the direction in which it is bent, it is the nearest.
      for (const off of [-1, 1]) {
        const beside = middleOf({ ...any, bend: bendTowards(any, point) + off });
        expect(gap(middle, point)).toBeLessThanOrEqual(gap(beside, point) + 1e-6);
      }
      expect(gap(middle, point)).toBeLessThanOrEqual(gap(straight, point) + 1e-6);
    }),
  );
});

test('a curve passes through its middle, and its box holds every point of it', () => {
  fc.assert(
    fc.property(courses, fc.double({ min: 0, max: 1, noNaN: true }), (any, t) => {
      const curve: Course = { ...any, connectorStyle: 'curve' };
      const middle = middleOf(curve);
      const control = {
        x: 2 * middle.x - (curve.from.x + curve.to.x) / 2,
        y: 2 * middle.y - (curve.from.y + curve.to.y) / 2,
      };
      const at = (axis: 'x' | 'y') =>
        (1 - t) ** 2 * curve.from[axis] + 2 * t * (1 - t) * control[axis] + t ** 2 * curve.to[axis];
      const box = boundsOfWay(curve);
      expect(at('x')).toBeGreaterThanOrEqual(box.x - 1e-6);
      expect(at('x')).toBeLessThanOrEqual(box.x + box.width + 1e-6);
      expect(at('y')).toBeGreaterThanOrEqual(box.y - 1e-6);
      expect(at('y')).toBeLessThanOrEqual(box.y + box.height + 1e-6);
    }),
  );
});

test('its ends point outwards along the last leg', () => {
  expect(headingAt(course({ to: { x: 100, y: 0 } }), 'to')).toBe(0);
  expect(headingAt(course({ to: { x: 100, y: 0 } }), 'from')).toBe(180);
  expect(headingAt(course({ connectorStyle: 'elbow', sideways: false }), 'to')).toBe(90);
  expect(headingAt(course({ to: { x: 0, y: 0 } }), 'to')).toBe(0);
});

test('sides turn with their frame, and the nearest one is found', () => {
  const frame = { x: 100, y: 100, width: 80, height: 40, rotation: 0 };
  expect(sideOf(frame, 'right')).toEqual({ x: 180, y: 120 });
  const turned = sideOf({ ...frame, rotation: 90 }, 'right');
  expect(turned.x).toBeCloseTo(140);
  expect(turned.y).toBeCloseTo(160);
  expect(nearestSide(frame, { x: 500, y: 130 })).toBe('right');
  expect(nearestSide(frame, { x: 130, y: -90 })).toBe('top');
});

test('an elbow leaves the way its side looks, else along the longer distance', () => {
  expect(leavesSideways({ x: 0, y: 0 }, { x: 10, y: 100 }, null)).toBe(false);
  expect(leavesSideways({ x: 0, y: 0 }, { x: 10, y: 100 }, 'left')).toBe(true);
});
