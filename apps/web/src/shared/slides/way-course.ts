/** Where a way runs on the map, in units of the map. */
import type { Point } from '@gobrel/core/geometry';

/** Room that a way takes beside others, and that one which leads back takes round the cards, in units of the map. */
const ROOM = { beside: 20, round: 80 };

/**
 * The path of a way from port to port, as SVG path data, and its middle.
 * @param place how many ways between the same two slides are drawn before it
 */
export function wayCourse(
  from: Point,
  to: Point,
  bends: readonly Point[],
  place: number,
): { readonly path: string; readonly middle: Point } {
  const turn = place * ROOM.beside;
  if (to.x < from.x + 20 && bends.length === 0) {
    // Back round under both cards.
    const low = Math.max(from.y, to.y) + ROOM.round + turn;
    const middle = { x: (from.x + to.x) / 2, y: low };
    const out = `C${from.x + ROOM.round} ${from.y} ${from.x + ROOM.round} ${low} ${middle.x} ${low}`;
    return { path: `M${from.x} ${from.y} ${out} S${to.x - ROOM.round} ${to.y} ${to.x} ${to.y}`, middle };
  }
  const ordered = to.x < from.x ? [...bends].reverse() : bends;
  const points = [from, ...ordered.map(({ x, y }) => ({ x, y: y + turn })), to];
  if (points.length === 2 && turn > 0) points.splice(1, 0, { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 + turn });
  let path = `M${from.x} ${from.y}`;
  points.slice(1).forEach((point, place) => {
    const before = points[place] ?? from;
    // Level at each point, as ways run from left to right.
    const pull = (point.x - before.x) / 2;
    path += ` C${before.x + pull} ${before.y} ${point.x - pull} ${point.y} ${point.x} ${point.y}`;
  });
  const [one, other] = [points[(points.length - 1) >> 1] ?? from, points[points.length >> 1] ?? to];
  return { path, middle: { x: (one.x + other.x) / 2, y: (one.y + other.y) / 2 } };
}
