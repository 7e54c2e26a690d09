/** Putting a dropped piece into a zone: which zone it fell into and where it comes to rest inside. */
import { type Box, centreOf, containsPoint, type Frame } from './frame.js';

/** The topmost frame (last in the list) that holds the middle of `box`, or `null` when none does. */
export function frameUnder<T extends { readonly frame: Frame }>(box: Box, candidates: readonly T[]): T | null {
  const middle = centreOf(box);
  for (let index = candidates.length - 1; index >= 0; index -= 1) {
    const candidate = candidates[index];
    if (candidate && containsPoint(candidate.frame, middle)) return candidate;
  }
  return null;
}

/** Space kept between pieces, and between a piece and the edge of its zone, in slide units. */
const GAP = 8;

/**
 * Where a piece of the given size comes to rest in `zone`: the first free place of a left-to-right,
 * top-to-bottom filling that overlaps none of `taken`; the middle of the zone when there is none left.
 * Room at the zone's top of `header` units stays free for its label.
 */
export function restingPlace(
  piece: { readonly width: number; readonly height: number },
  zone: Frame,
  taken: readonly Box[],
  header = 0,
): { x: number; y: number } {
  const right = zone.x + zone.width - piece.width;
  const bottom = zone.y + zone.height - piece.height;
  const overlapsAny = (x: number, y: number) =>
    taken.some(
      (box) => x < box.x + box.width && box.x < x + piece.width && y < box.y + box.height && box.y < y + piece.height,
    );
  const left = zone.x + GAP;
  for (let y = zone.y + header + GAP; y <= bottom; y += GAP) {
    for (let x = left; x <= right; x += GAP) {
      if (!overlapsAny(x, y)) return { x, y };
    }
  }
  return { x: zone.x + (zone.width - piece.width) / 2, y: zone.y + (zone.height - piece.height) / 2 };
}
