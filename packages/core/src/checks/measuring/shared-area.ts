/** How much of each other two frames cover, turned as they are. */
import { cornersOf, type Frame, type Point } from '../../geometry/index.js';

/**
 * The area that two frames share, in square slide units: one clipped by each side of the other (Sutherland and Hodgman,
 * Reentrant polygon clipping, CACM 17, 1974).
 */
export function sharedArea(a: Frame, b: Frame): number {
  let shape: readonly Point[] = cornersOf(a);
  const sides = cornersOf(b);
  sides.forEach((from, at) => {
    const to = sides[(at + 1) % sides.length] ?? from;
    shape = clipped(shape, from, to);
  });
  return areaOf(shape);
}

/** The part of a shape that lies to the right of a line, where the inside of a frame is as its corners go round. */
function clipped(shape: readonly Point[], from: Point, to: Point): readonly Point[] {
  const side = ({ x, y }: Point) => (to.x - from.x) * (y - from.y) - (to.y - from.y) * (x - from.x);
  return shape.flatMap((here, at) => {
    const next = shape[(at + 1) % shape.length] ?? here;
    const [one, other] = [side(here), side(next)];
    const crossing = () => {
      const part = one / (one - other);
      return { x: here.x + part * (next.x - here.x), y: here.y + part * (next.y - here.y) };
    };
    if (one >= 0) return other >= 0 ? [next] : [crossing()];
    return other >= 0 ? [crossing(), next] : [];
  });
}

/** The area of a shape, by the shoelace formula. */
function areaOf(shape: readonly Point[]): number {
  const twice = shape.reduce((sum, { x, y }, at) => {
    const next = shape[(at + 1) % shape.length] ?? { x, y };
    return sum + x * next.y - next.x * y;
  }, 0);
  return Math.abs(twice) / 2;
}
