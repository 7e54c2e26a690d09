import fc from 'fast-check';
import { layOutRoutes, type Side } from './route-layout';

const wide = { width: 1280, height: 720 };
const upright = { width: 720, height: 1280 };
/** The middle of the editor on a screen of 1280 × 800, and of 1024 × 768. */
const usual = { width: 960, height: 648 };
const small = { width: 704, height: 616 };
const sides: readonly Side[] = ['arriving', 'leaving'];

test('a wide slide has its cards above and below it, and is as large as the sketch has it', () => {
  const { inRows, slide } = layOutRoutes(usual, wide);
  expect(inRows).toBe(true);
  expect(slide.width).toBeGreaterThan(900);
  expect(slide.width / slide.height).toBeCloseTo(16 / 9);
  expect(layOutRoutes(small, wide).slide.width).toBeGreaterThan(480);
});

test('an upright slide has them beside it', () => {
  const { inRows, slide, cards } = layOutRoutes(usual, upright);
  expect(inRows).toBe(false);
  const [arriving, leaving] = [cards('arriving', [null, null])[0], cards('leaving', [null])[0]];
  expect((arriving?.x ?? 0) + (arriving?.width ?? 0)).toBeLessThan(slide.x);
  expect(leaving?.x ?? 0).toBeGreaterThan(slide.x + slide.width);
});

test('on an upright tablet the slide takes the width', () => {
  const { inRows, slide } = layOutRoutes({ width: 480, height: 960 }, wide);
  expect(inRows).toBe(true);
  expect(slide.width).toBeGreaterThan(440);
});

test('a card stands under what carries its link when nothing is in its way', () => {
  const { cards, port } = layOutRoutes(usual, wide);
  const [left, right] = cards('leaving', [280, 790]);
  if (!left || !right) throw new Error('two cards');
  expect(left.x + left.width / 2).toBe(280);
  expect(right.x + right.width / 2).toBe(790);
  expect(port('leaving', left, 280)).toEqual({ x: 280, y: left.y - 2 });
});

test('what goes on by the running order stands last, and whoever comes by it first', () => {
  const { cards } = layOutRoutes(usual, wide);
  const [onward, linked] = cards('leaving', [null, 900]);
  expect(onward?.x ?? 0).toBeGreaterThan(linked?.x ?? 0);
  const [ordered, other] = cards('arriving', [null, 500]);
  expect(ordered?.x ?? 0).toBeLessThan(other?.x ?? 0);
});

test('as many cards as fit never touch each other, the slide, or the edge, wherever they are wanted', () => {
  const wanted = fc.array(fc.option(fc.integer({ min: -200, max: 1600 })), { minLength: 1, maxLength: 12 });
  const areas = fc.record({ width: fc.integer({ min: 480, max: 1600 }), height: fc.integer({ min: 420, max: 1100 }) });
  fc.assert(
    fc.property(areas, fc.constantFrom(wide, upright), fc.constantFrom(...sides), wanted, (area, size, side, all) => {
      const layout = layOutRoutes(area, size);
      const some = all.slice(0, layout.fits[side]);
      const boxes = layout.cards(side, some);
      expect(boxes).toHaveLength(some.length);
      const sorted = [...boxes].sort((a, b) => (layout.inRows ? a.x - b.x : a.y - b.y));
      sorted.forEach((box, index) => {
        const next = sorted[index + 1];
        if (next) {
          const end = layout.inRows ? box.x + box.width : box.y + box.height;
          expect(end).toBeLessThanOrEqual((layout.inRows ? next.x : next.y) + 1e-6);
        }
        expect(box.x).toBeGreaterThanOrEqual(0);
        if (layout.inRows) expect(box.x + box.width).toBeLessThanOrEqual(area.width);
        const apart =
          box.x + box.width <= layout.slide.x ||
          layout.slide.x + layout.slide.width <= box.x ||
          box.y + box.height <= layout.slide.y ||
          layout.slide.y + layout.slide.height <= box.y;
        expect(apart).toBe(true);
      });
    }),
  );
});

test('a slide never gets too small to see', () => {
  expect(layOutRoutes({ width: 630, height: 100 }, wide).slide.width).toBe(160);
});
