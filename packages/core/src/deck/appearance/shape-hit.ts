/** Whether a place lies within a shape as it is drawn, rather than within the box around it. */
import { centreOf, type Frame, type Point, turnPoint } from '../../geometry/index.js';
import { type ShapeName, shapePath } from './shapes.js';

/** Into how many straight parts a curve is taken apart. */
const PARTS = 12;

/**
 * Whether a place lies within a shape that fills a frame; a hole in it is not within. By the even-odd rule (SVG 2, section
 * 13.4.2) over its outline, whose curves are taken apart into straight lines; costs the stretches of the outline.
 */
export function shapeContains(shape: ShapeName, frame: Frame, place: Point): boolean {
  const { x, y } = turnPoint(place, centreOf(frame), -frame.rotation);
  const at = { x: x - frame.x, y: y - frame.y };
  const crossings = contoursOf(shape, frame.width, frame.height).reduce(
    (sum, contour) => sum + crossingsOf(contour, at),
    0,
  );
  return crossings % 2 === 1;
}

/** How often a ray to the right from a place crosses a closed line. */
function crossingsOf(contour: readonly Point[], { x, y }: Point): number {
  return contour.filter((from, index) => {
    const to = contour[(index + 1) % contour.length] ?? from;
    if (from.y > y === to.y > y) return false;
    return x < from.x + ((y - from.y) / (to.y - from.y)) * (to.x - from.x);
  }).length;
}

/** The closed lines of a shape's outline; its path has M, L, C and Z only. */
function contoursOf(shape: ShapeName, width: number, height: number): readonly (readonly Point[])[] {
  return shapePath(shape, width, height)
    .split('Z')
    .filter((contour) => contour !== '')
    .map((contour) => {
      const points: Point[] = [];
      for (const [, command = '', written = ''] of contour.matchAll(/([MLC])([^MLC]*)/g)) {
        const numbers = written
          .trim()
          .split(/[\s,]+/)
          .map(Number);
        if (command === 'C') points.push(...curve(points.at(-1) ?? { x: 0, y: 0 }, numbers));
        else points.push({ x: numbers[0] ?? 0, y: numbers[1] ?? 0 });
      }
      return points;
    });
}

function curve(from: Point, [ax = 0, ay = 0, bx = 0, by = 0, x = 0, y = 0]: readonly number[]): readonly Point[] {
  return Array.from({ length: PARTS }, (_none, part) => {
    const t = (part + 1) / PARTS;
    const along = (start: number, a: number, b: number, end: number) =>
      (1 - t) ** 3 * start + 3 * (1 - t) ** 2 * t * a + 3 * (1 - t) * t ** 2 * b + t ** 3 * end;
    return { x: along(from.x, ax, bx, x), y: along(from.y, ay, by, y) };
  });
}
