import fc from 'fast-check';
import { barPlace } from './bar-place';

const bar = { width: 36, height: 172 };
const area = { x: 0, y: 0, width: 900, height: 506 };

test('it stands to the right of what is selected, at its top', () => {
  expect(barPlace({ x: 100, y: 60, width: 200, height: 80 }, bar, area, false)).toEqual({ x: 318, y: 60 });
});

test('where there is no room on the right it stands on the left', () => {
  expect(barPlace({ x: 700, y: 60, width: 190, height: 80 }, bar, area, false).x).toBe(700 - 18 - 36);
});

test('of what fills the slide it stands within', () => {
  expect(barPlace({ x: 0, y: 0, width: 900, height: 506 }, bar, area, false)).toEqual({ x: 860, y: 4 });
});

test('it is always whole in sight', () => {
  const boxes = fc.record({
    x: fc.integer({ min: -400, max: 1300 }),
    y: fc.integer({ min: -400, max: 900 }),
    width: fc.integer({ min: 1, max: 1500 }),
    height: fc.integer({ min: 1, max: 900 }),
  });
  fc.assert(
    fc.property(boxes, fc.boolean(), (around, touched) => {
      const { x, y } = barPlace(around, bar, area, touched);
      expect(x).toBeGreaterThanOrEqual(area.x);
      expect(x + bar.width).toBeLessThanOrEqual(area.x + area.width);
      expect(y).toBeGreaterThanOrEqual(area.y);
      expect(y + bar.height).toBeLessThanOrEqual(area.y + area.height);
    }),
  );
});
