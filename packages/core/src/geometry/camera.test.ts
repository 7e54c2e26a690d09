/** The way of a camera over a slide. */
import fc from 'fast-check';
import { type Camera, cameraOn, cameraPath, gently } from './index.js';

const side = fc.double({ min: 0, max: 10_000, noNaN: true });
const cameras: fc.Arbitrary<Camera> = fc.record({
  x: side,
  y: side,
  width: fc.double({ min: 20, max: 10_000, noNaN: true }),
  rotation: fc.integer({ min: -360, max: 360 }),
});

test('a way begins where the camera is and ends where it is wanted, without a jump', () => {
  fc.assert(
    fc.property(cameras, cameras, (from, to) => {
      const way = cameraPath(from, to);
      expect(way.at(0)).toEqual(from);
      expect(way.at(1)).toEqual(to);
      let before = from;
      for (let step = 1; step <= 200; step += 1) {
        const here = way.at(step / 200);
        // On the screen: how far what is in sight moves, and by what factor it grows, in one of 200 parts.
        const moved = Math.hypot(here.x - before.x, here.y - before.y) / Math.max(here.width, before.width);
        expect(moved).toBeLessThan(0.02 * way.length + 1e-6);
        expect(Math.abs(Math.log(here.width / before.width))).toBeLessThan(0.02 * way.length + 1e-6);
        before = here;
      }
    }),
  );
});

test('the way back is the same way', () => {
  fc.assert(
    fc.property(cameras, cameras, fc.double({ min: 0, max: 1, noNaN: true }), (from, to, part) => {
      const [there, back] = [cameraPath(from, to).at(part), cameraPath(to, from).at(1 - part)];
      const scale = Math.max(there.width, back.width);
      expect(Math.abs(there.x - back.x) / scale).toBeLessThan(1e-3);
      expect(Math.abs(there.y - back.y) / scale).toBeLessThan(1e-3);
      expect(Math.abs(there.width / back.width - 1)).toBeLessThan(1e-3);
    }),
  );
});

test('far away it zooms out on the way, nearby it does not, and it takes longer the farther it goes', () => {
  const near = { x: 0, y: 0, width: 400, rotation: 0 };
  const to = (x: number) => cameraPath(near, { ...near, x });
  expect(to(8000).at(0.5).width).toBeGreaterThan(3000);
  expect(to(40).at(0.5).width).toBeLessThan(420);
  const durations = [40, 400, 2000, 8000].map((x) => to(x).duration);
  expect(durations).toEqual([...durations].sort((a, b) => a - b));
  expect(to(0).duration).toBe(0);
});

test('it turns by the shorter side', () => {
  const at = (rotation: number) => ({ x: 0, y: 0, width: 100, rotation });
  expect(cameraPath(at(350), at(10)).at(0.5).rotation).toBe(360);
  expect(cameraPath(at(10), at(350)).at(0.5).rotation).toBe(0);
  expect(cameraPath(at(0), at(90)).duration).toBeGreaterThan(0);
});

test('a camera shows the whole of a frame on any screen', () => {
  const frame = { x: 100, y: 200, width: 300, height: 400, rotation: 30 };
  expect(cameraOn(frame, 2)).toEqual({ x: 250, y: 400, width: 800, rotation: 30 });
  expect(cameraOn(frame, 0.5)).toEqual({ x: 250, y: 400, width: 300, rotation: 30 });
});

test('a gentle movement keeps its ends and never turns round', () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 1, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true }), (a, b) => {
      expect(gently(Math.min(a, b))).toBeLessThanOrEqual(gently(Math.max(a, b)));
    }),
  );
  expect([gently(0), gently(0.5), gently(1)]).toEqual([0, 0.5, 1]);
});
