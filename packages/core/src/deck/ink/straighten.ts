/**
 * What a stroke by hand is meant to be: a line, an oval, a rectangle or a triangle. A closed stroke is told by how much of
 * its hull's own boxes it fills, as shapes drawn by hand are in sketch recognition (J. A. Jorge and M. J. Fonseca, “A Simple
 * Approach to Recognise Geometric Shapes Interactively”, 1999): an oval fills about 0.785 of the smallest box around it, a
 * rectangle nearly all, a triangle half.
 */
import type { Box } from '../../geometry/index.js';

interface Place {
  readonly x: number;
  readonly y: number;
}

/** What a stroke is made into; `null` when it is none of these. */
export type Straightened =
  | { readonly is: 'line'; readonly from: Place; readonly to: Place }
  | { readonly is: 'oval' | 'rectangle' | 'triangle'; readonly box: Box };

/** Shorter strokes are dots, in slide units. */
const SHORTEST = 24;
/** How far from its ends' line a stroke may stray, as a part of that line. */
const STRAYS = 0.08;
/** How far apart the ends of a closed stroke may be, as a part of its whole length. */
const OPEN = 0.2;
/** From these parts of the box on that its hull fills, a closed stroke is an oval, and a rectangle; less is a triangle. */
const FILLS = { oval: 0.66, rectangle: 0.88, least: 0.38 };

/** Straightens a stroke. */
export function straightened(points: readonly Place[]): Straightened | null {
  const [from, to] = [points[0], points.at(-1)];
  if (!from || !to) return null;
  const length = points.reduce((sum, point, at) => {
    const before = points[at - 1] ?? point;
    return sum + Math.hypot(point.x - before.x, point.y - before.y);
  }, 0);
  if (length < SHORTEST) return null;
  const apart = Math.hypot(to.x - from.x, to.y - from.y);
  if (apart > length * (1 - STRAYS) && points.every((point) => offLine(point, from, to) <= apart * STRAYS))
    return { is: 'line', from, to };
  if (apart > length * OPEN) return null;
  const box = boxAround(points);
  const filled = areaOf(hullOf(points)) / (box.width * box.height || 1);
  if (filled < FILLS.least) return null;
  return { is: filled >= FILLS.rectangle ? 'rectangle' : filled >= FILLS.oval ? 'oval' : 'triangle', box };
}

function offLine({ x, y }: Place, from: Place, to: Place): number {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  return Math.abs((to.x - from.x) * (from.y - y) - (from.x - x) * (to.y - from.y)) / length;
}

function boxAround(points: readonly Place[]): Box {
  const across = points.map(({ x }) => x);
  const down = points.map(({ y }) => y);
  const [x, y] = [Math.min(...across), Math.min(...down)];
  return { x, y, width: Math.max(...across) - x, height: Math.max(...down) - y };
}

/** The convex hull, by the monotone chain of A. M. Andrew (1979). */
function hullOf(points: readonly Place[]): readonly Place[] {
  const sorted = [...points].sort((a, b) => a.x - b.x || a.y - b.y);
  const half = (from: readonly Place[]) => {
    const chain: Place[] = [];
    for (const point of from) {
      while (chain.length >= 2 && turn(chain.at(-2), chain.at(-1), point) <= 0) chain.pop();
      chain.push(point);
    }
    return chain.slice(0, -1);
  };
  return [...half(sorted), ...half(sorted.toReversed())];
}

function turn(a: Place | undefined, b: Place | undefined, c: Place): number {
  return a && b ? (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x) : 1;
}

function areaOf(corners: readonly Place[]): number {
  const twice = corners.reduce((sum, { x, y }, at) => {
    const next = corners[(at + 1) % corners.length] ?? { x, y };
    return sum + x * next.y - next.x * y;
  }, 0);
  return Math.abs(twice) / 2;
}
