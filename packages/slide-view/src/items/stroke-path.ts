/** Strokes as SVG paths, thinned while they are drawn, and found again to be erased. */
import type { Stroke } from '@gobrel/core/work';

/** Points closer than this to the one before add nothing that can be seen, in the units of strokes. */
const CLOSE = 3;
/** How near to a stroke an eraser has to come, in the units of strokes. */
const REACH = 14;

/** A smooth path through x and y in turn: a quadratic curve from middle to middle of its pieces. */
export function pathOfStroke(points: readonly number[]): string {
  const [x = 0, y = 0] = points;
  if (points.length <= 2) return `M${x} ${y}h.01`;
  let path = `M${x} ${y}`;
  for (let at = 2; at + 3 < points.length; at += 2) {
    const [cx = 0, cy = 0, nx = 0, ny = 0] = points.slice(at, at + 4);
    path += `Q${cx} ${cy} ${(cx + nx) / 2} ${(cy + ny) / 2}`;
  }
  return `${path}L${points.at(-2)} ${points.at(-1)}`;
}

/** A stroke without the points that lie close to the one before. The last one stays. */
export function thinned(points: readonly number[]): readonly number[] {
  const kept: number[] = [];
  for (let at = 0; at + 1 < points.length; at += 2) {
    const [x = 0, y = 0] = points.slice(at, at + 2);
    const away = Math.hypot(x - (kept.at(-2) ?? Infinity), y - (kept.at(-1) ?? Infinity));
    if (away >= CLOSE || (at + 2 >= points.length && away > 0)) kept.push(x, y);
  }
  return kept;
}

/** The strokes that an eraser touches at a place. */
export function erasedAt(
  strokes: readonly (Stroke & { readonly id: string })[],
  x: number,
  y: number,
): readonly string[] {
  return strokes.filter(({ points, width }) => isNear(points, x, y, REACH + width / 2)).map(({ id }) => id);
}

function isNear(points: readonly number[], x: number, y: number, reach: number): boolean {
  for (let at = 0; at + 1 < points.length; at += 2) {
    const [fromX = 0, fromY = 0, toX = fromX, toY = fromY] = points.slice(at, at + 4);
    const long = (toX - fromX) ** 2 + (toY - fromY) ** 2;
    const along = long === 0 ? 0 : ((x - fromX) * (toX - fromX) + (y - fromY) * (toY - fromY)) / long;
    const share = Math.min(1, Math.max(0, along));
    if (Math.hypot(fromX + share * (toX - fromX) - x, fromY + share * (toY - fromY) - y) <= reach) return true;
  }
  return false;
}
