import fc from 'fast-check';
import { shareOf } from './place-in.js';

test('a place is found again, however an element is turned and scaled', () => {
  const share = fc.double({ min: 0, max: 1, noNaN: true });
  fc.assert(
    fc.property(
      share,
      share,
      fc.integer({ min: 0, max: 359 }),
      fc.double({ min: 0.2, max: 4, noNaN: true }),
      (x, y, degrees, scale) => {
        const size = { width: 300, height: 120 };
        const angle = (degrees * Math.PI) / 180;
        const turned = {
          a: Math.cos(angle) * scale,
          b: Math.sin(angle) * scale,
          c: -Math.sin(angle) * scale,
          d: Math.cos(angle) * scale,
        };
        const [dx, dy] = [(x - 0.5) * size.width, (y - 0.5) * size.height];
        const place = { x: turned.a * dx + turned.c * dy, y: turned.b * dx + turned.d * dy };
        const found = shareOf(place, turned, size);
        expect(found?.x).toBeCloseTo(x, 6);
        expect(found?.y).toBeCloseTo(y, 6);
      },
    ),
  );
});

test('where an element has no size there is no place in it', () => {
  const upright = { a: 1, b: 0, c: 0, d: 1 };
  expect(shareOf({ x: 1, y: 1 }, upright, { width: 0, height: 10 })).toBeNull();
  expect(shareOf({ x: 1, y: 1 }, { ...upright, a: 0 }, { width: 10, height: 10 })).toBeNull();
});
