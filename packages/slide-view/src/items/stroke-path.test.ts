import fc from 'fast-check';
import { erasedAt, pathOfStroke, thinned } from './stroke-path.js';

const line = fc
  .array(fc.integer({ min: 0, max: 1000 }), { minLength: 2, maxLength: 200 })
  .map((numbers) => (numbers.length % 2 === 0 ? numbers : numbers.slice(1)));

describe('strokes', () => {
  test('a dot, a line and a curve are paths', () => {
    expect(pathOfStroke([3, 4])).toBe('M3 4h.01');
    expect(pathOfStroke([0, 0, 10, 0])).toBe('M0 0L10 0');
    expect(pathOfStroke([0, 0, 10, 0, 20, 10])).toBe('M0 0Q10 0 15 5L20 10');
  });

  test('thinned, a stroke begins and ends where it did, and nothing is thinned twice', () => {
    fc.assert(
      fc.property(line, (points) => {
        const kept = thinned(points);
        expect(kept.slice(0, 2)).toEqual(points.slice(0, 2));
        expect(kept.length).toBeLessThanOrEqual(points.length);
        const [x = 0, y = 0] = kept.slice(-2);
        expect(Math.hypot(x - (points.at(-2) ?? 0), y - (points.at(-1) ?? 0))).toBeLessThan(3);
        expect(thinned(kept)).toEqual(kept);
      }),
    );
  });

  test('an eraser takes the strokes it touches, between their points too', () => {
    const stroke = (id: string, points: readonly number[]) => ({
      id,
      itemId: 'd',
      tool: 'pen' as const,
      color: '#000000',
      width: 4,
      points,
    });
    const strokes = [stroke('long', [0, 0, 200, 0]), stroke('dot', [400, 400])];
    expect(erasedAt(strokes, 100, 10)).toEqual(['long']);
    expect(erasedAt(strokes, 405, 395)).toEqual(['dot']);
    expect(erasedAt(strokes, 100, 100)).toEqual([]);
  });
});
