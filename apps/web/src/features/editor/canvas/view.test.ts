import fc from 'fast-check';
import { panBy, viewOn, zoomAt } from './view';

const area = { width: 900, height: 600 };
const slide = { width: 1280, height: 720 };
const views = fc.record({
  scale: fc.double({ min: 0.1, max: 4, noNaN: true }),
  x: fc.integer({ min: -2000, max: 900 }),
  y: fc.integer({ min: -2000, max: 600 }),
});

test('zooming keeps what is under the pointer under the pointer', () => {
  const points = fc.record({ x: fc.integer({ min: 0, max: 900 }), y: fc.integer({ min: 0, max: 600 }) });
  fc.assert(
    fc.property(views, points, fc.double({ min: 0.2, max: 5, noNaN: true }), (view, point, factor) => {
      const zoomed = zoomAt(view, factor, point);
      expect((point.x - zoomed.x) / zoomed.scale).toBeCloseTo((point.x - view.x) / view.scale, 4);
      expect((point.y - zoomed.y) / zoomed.scale).toBeCloseTo((point.y - view.y) / view.scale, 4);
    }),
  );
});

test('however far one zooms, the scale stays within bounds', () => {
  expect(zoomAt({ scale: 1, x: 0, y: 0 }, 1000, { x: 0, y: 0 }).scale).toBe(8);
  expect(zoomAt({ scale: 1, x: 0, y: 0 }, 0.0001, { x: 0, y: 0 }).scale).toBe(0.08);
});

test('however far one pans, some of the slide stays in sight', () => {
  const far = fc.integer({ min: -9000, max: 9000 });
  fc.assert(
    fc.property(views, far, far, (view, dx, dy) => {
      const panned = panBy(view, dx, dy, area, slide);
      expect(panned.x).toBeLessThan(area.width);
      expect(panned.x + slide.width * panned.scale).toBeGreaterThan(0);
      expect(panned.y).toBeLessThan(area.height);
      expect(panned.y + slide.height * panned.scale).toBeGreaterThan(0);
    }),
  );
});

test('zoomed to, a box lies in the middle of the area and fits it', () => {
  const view = viewOn({ x: 600, y: 300, width: 200, height: 100 }, area);
  expect(view.x + 700 * view.scale).toBeCloseTo(450);
  expect(view.y + 350 * view.scale).toBeCloseTo(300);
  expect(200 * view.scale).toBeLessThanOrEqual(820);
});
