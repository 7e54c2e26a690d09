/** Putting a dropped piece into a zone: where it comes to rest inside. */
import type { Box, Frame } from './frame.js';

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
