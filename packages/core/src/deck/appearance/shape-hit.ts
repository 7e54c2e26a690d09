/** The places within a shape as it is drawn, rather than within the box around it. */
import { boundsOf, centreOf, type Frame, type Point, turnPoint } from '../../geometry/index.js';
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

/** How many level lines an area that two shapes share is measured along. */
const LEVELS = 128;

/**
 * The area that two shapes have in common as they are drawn, in square slide units: along level lines, as far as both
 * are crossed, so that each line is exact and what lies between two is taken as the same (the midpoint rule).
 */
export function sharedShapeArea(a: DrawnShape, b: DrawnShape): number {
  const [one, other] = [boundsOf(a.frame), boundsOf(b.frame)];
  const top = Math.max(one.y, other.y);
  const height = Math.min(one.y + one.height, other.y + other.height) - top;
  if (height <= 0) return 0;
  const [outline, under] = [placedContours(a), placedContours(b)];
  const step = height / LEVELS;
  return Array.from({ length: LEVELS }, (_none, level) => {
    const y = top + (level + 0.5) * step;
    return commonLength(stretchesAt(outline, y), stretchesAt(under, y)) * step;
  }).reduce((sum, area) => sum + area, 0);
}

/** A shape that fills a frame. */
interface DrawnShape {
  readonly shape: ShapeName;
  readonly frame: Frame;
}

/** The closed lines of a shape where they lie on the slide, turned with its frame. */
function placedContours({ shape, frame }: DrawnShape): readonly (readonly Point[])[] {
  const middle = centreOf(frame);
  return contoursOf(shape, frame.width, frame.height).map((contour) =>
    contour.map(({ x, y }) => turnPoint({ x: x + frame.x, y: y + frame.y }, middle, frame.rotation)),
  );
}

/** From where to where a level line runs within closed lines, by the even-odd rule. */
function stretchesAt(contours: readonly (readonly Point[])[], y: number): readonly (readonly [number, number])[] {
  const crossings = contours
    .flatMap((contour) =>
      contour.flatMap((from, index) => {
        const to = contour[(index + 1) % contour.length] ?? from;
        if (from.y > y === to.y > y) return [];
        return [from.x + ((y - from.y) / (to.y - from.y)) * (to.x - from.x)];
      }),
    )
    .sort((one, other) => one - other);
  return crossings.flatMap((from, at) => (at % 2 === 0 ? [[from, crossings[at + 1] ?? from] as const] : []));
}

function commonLength(
  one: readonly (readonly [number, number])[],
  other: readonly (readonly [number, number])[],
): number {
  return one
    .flatMap(([from, to]) => other.map(([start, end]) => Math.max(0, Math.min(to, end) - Math.max(from, start))))
    .reduce((sum, length) => sum + length, 0);
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
