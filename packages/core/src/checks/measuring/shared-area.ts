/** How much of each other frames cover, turned as they are. */
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

/**
 * The area of a frame that none of the others covers, in square slide units: each takes its part out of what is left,
 * which falls into a convex piece for each of its sides.
 */
export function uncoveredArea(frame: Frame, covers: readonly Frame[]): number {
  let left: readonly (readonly Point[])[] = [cornersOf(frame)];
  for (const cover of covers) left = left.flatMap((piece) => without(piece, cover));
  return left.reduce((sum, piece) => sum + areaOf(piece), 0);
}

/** The convex pieces of a convex shape that lie outside a frame. */
function without(shape: readonly Point[], cover: Frame): readonly (readonly Point[])[] {
  const sides = cornersOf(cover);
  const outside: (readonly Point[])[] = [];
  let within = shape;
  sides.forEach((from, at) => {
    const to = sides[(at + 1) % sides.length] ?? from;
    const beyond = clipped(within, to, from);
    if (areaOf(beyond) > 0) outside.push(beyond);
    within = clipped(within, from, to);
  });
  return within.length === 0 ? [shape] : outside;
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
