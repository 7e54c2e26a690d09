/** Strokes of an author's hand, held by their item's frame: so they are moved, turned and made larger with it. */
import type { Box } from '../../geometry/index.js';

/**
 * A stroke as shares of its frame's width and height, and how hard it was pressed: across, down and pressed in turn, each
 * from 0 to 1.
 */
export type InkStroke = readonly number[];

/** The most strokes of one item, and the most points of a stroke. */
export const MOST_STROKES = 60;
const MOST_POINTS = 1200;

/** A point of a stroke on the slide, in slide units. */
export interface InkPoint {
  readonly x: number;
  readonly y: number;
  /** From 0 to 1; 0.5 where nothing tells. */
  readonly pressed: number;
}

/** Strokes from untrusted JSON: what is no number is left out with its stroke. */
export function readInkStrokes(value: unknown): readonly InkStroke[] {
  if (!Array.isArray(value)) return [];
  return value.slice(0, MOST_STROKES).flatMap((entry: unknown) => {
    if (!Array.isArray(entry) || entry.length < 3) return [];
    const numbers = entry.slice(0, MOST_POINTS * 3 - (entry.length % 3)).map(Number);
    const whole = numbers.slice(0, numbers.length - (numbers.length % 3));
    return whole.every((each) => Number.isFinite(each) && each >= -1 && each <= 2) ? [whole] : [];
  });
}

/** A stroke's points on the slide. */
export function placedStroke(stroke: InkStroke, { x, y, width, height }: Box): readonly InkPoint[] {
  const points: InkPoint[] = [];
  for (let at = 0; at + 2 < stroke.length; at += 3) {
    const [u = 0, v = 0, pressed = 0.5] = stroke.slice(at, at + 3);
    points.push({ x: x + u * width, y: y + v * height, pressed });
  }
  return points;
}

/** Strokes of a slide held by a frame around them, with room for how wide they are. */
export function heldStrokes(
  strokes: readonly (readonly InkPoint[])[],
  weight: number,
): { readonly box: Box; readonly strokes: readonly InkStroke[] } {
  const all = strokes.flat();
  const half = weight / 2;
  const least = (of: 'x' | 'y') => all.reduce((min, point) => Math.min(min, point[of]), Infinity) - half;
  const most = (of: 'x' | 'y') => all.reduce((max, point) => Math.max(max, point[of]), -Infinity) + half;
  const box = { x: least('x'), y: least('y'), width: most('x') - least('x'), height: most('y') - least('y') };
  const share = (value: number, from: number, side: number) => rounded(side > 0 ? (value - from) / side : 0.5);
  return {
    box,
    strokes: strokes.map((points) =>
      thinned(points).flatMap((point) => [
        share(point.x, box.x, box.width),
        share(point.y, box.y, box.height),
        Math.round(point.pressed * 100) / 100,
      ]),
    ),
  };
}

/** Points closer than this to the one before add nothing that can be seen, in slide units. */
const CLOSE = 1.5;

function thinned(points: readonly InkPoint[]): readonly InkPoint[] {
  const kept: InkPoint[] = [];
  points.forEach((point, at) => {
    const before = kept.at(-1);
    const away = before ? Math.hypot(point.x - before.x, point.y - before.y) : Infinity;
    if (away >= CLOSE || (at === points.length - 1 && away > 0)) kept.push(point);
  });
  return kept.slice(0, MOST_POINTS);
}

function rounded(share: number): number {
  return Math.round(share * 100_000) / 100_000;
}

/** Whether a stroke comes near a place of the slide. @param reach how near, in slide units */
export function strokeIsNear(points: readonly InkPoint[], x: number, y: number, reach: number): boolean {
  return points.some((from, at) => {
    const to = points[at + 1] ?? from;
    const long = (to.x - from.x) ** 2 + (to.y - from.y) ** 2;
    const along = long === 0 ? 0 : ((x - from.x) * (to.x - from.x) + (y - from.y) * (to.y - from.y)) / long;
    const share = Math.min(1, Math.max(0, along));
    return Math.hypot(from.x + share * (to.x - from.x) - x, from.y + share * (to.y - from.y) - y) <= reach;
  });
}
