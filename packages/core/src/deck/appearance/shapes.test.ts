import fc from 'fast-check';
import { shapeNames, shapePath, shapeRoom } from '../index.js';

const sizes = fc.integer({ min: 1, max: 2000 });
const numbersIn = (path: string) => (path.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);

test('there are two dozen shapes and more, none like another', () => {
  expect(shapeNames.length).toBeGreaterThanOrEqual(24);
  expect(new Set(shapeNames.map((name) => shapePath(name, 100, 80))).size).toBe(shapeNames.length);
});

test.each(shapeNames)('%s is a closed outline that fills its box and keeps within it', (name) => {
  fc.assert(
    fc.property(sizes, sizes, (width, height) => {
      const path = shapePath(name, width, height);
      expect(path).toMatch(/^M[^MZ]+Z(M[^MZ]+Z)?$/);
      const numbers = numbersIn(path);
      expect(numbers.length % 2).toBe(0);
      // Control points may lie a little outside of the curve they bend.
      const xs = numbers.filter((_, index) => index % 2 === 0);
      const ys = numbers.filter((_, index) => index % 2 === 1);
      for (const [values, size] of [
        [xs, width],
        [ys, height],
      ] as const) {
        expect(Math.min(...values)).toBeGreaterThanOrEqual(-0.03 * size - 0.01);
        expect(Math.max(...values)).toBeLessThanOrEqual(1.03 * size + 0.01);
        expect(Math.max(...values) - Math.min(...values)).toBeGreaterThan(0.9 * size - 0.02);
      }
    }),
  );
});

test.each(shapeNames)('words in %s have room within its box', (name) => {
  const { x, y, width, height } = shapeRoom(name);
  expect(Math.min(x, y)).toBeGreaterThanOrEqual(0);
  expect(Math.max(x + width, y + height)).toBeLessThanOrEqual(1.0001);
  expect(width * height).toBeGreaterThan(0.1);
});

test('the corners of a rectangle keep their radius however large it is', () => {
  expect(shapePath('rectangle', 200, 100)).toContain('M8 0L192 0');
  expect(shapePath('rectangle', 2000, 100)).toContain('M8 0L1992 0');
  expect(shapePath('rectangle', 10, 100)).toContain('M5 0');
});
