import fc from 'fast-check';
import { drawnRegion, movedRegion } from './region-drag';

const share = fc.double({ min: 0, max: 1, noNaN: true });
const place = fc.record({ x: share, y: share });
const region = { id: 'r', shape: 'box' as const, x: 0.2, y: 0.2, width: 0.3, height: 0.4 };

test('a region is drawn from corner to corner, whichever came first', () => {
  expect(drawnRegion(region, { x: 0.6, y: 0.5 }, { x: 0.1, y: 0.9 })).toMatchObject({ x: 0.1, y: 0.5 });
  fc.assert(
    fc.property(place, place, (one, other) =>
      expect(drawnRegion(region, one, other)).toEqual(drawnRegion(region, other, one)),
    ),
  );
});

test('a region that is moved keeps its size and stays on the picture', () => {
  fc.assert(
    fc.property(place, place, (from, to) => {
      const moved = movedRegion(region, from, to);
      expect([moved.width, moved.height]).toEqual([region.width, region.height]);
      expect(moved.x).toBeGreaterThanOrEqual(0);
      expect(moved.x + moved.width).toBeLessThanOrEqual(1 + 1e-9);
      expect(moved.y + moved.height).toBeLessThanOrEqual(1 + 1e-9);
    }),
  );
});
