/** Where new pieces lie: mixed, in the free room beside what they were made of. */
import type { Box, Frame } from '../../geometry/index.js';

/** Height of a piece with words, in slide units. */
export const WORD_HEIGHT = 56;
/** Room between pieces, in slide units. */
export const GAP = 12;

/** The largest strip of a slide beside something, in slide units; all of the slide when less than an eighth of it is left. */
export function freeStrip(slide: { readonly width: number; readonly height: number }, around: Frame): Box {
  const right = around.x + around.width;
  const below = around.y + around.height;
  const strips: readonly Box[] = [
    { x: 0, y: around.y, width: around.x, height: slide.height - around.y },
    { x: right, y: around.y, width: slide.width - right, height: slide.height - around.y },
    { x: 0, y: below, width: slide.width, height: slide.height - below },
    { x: 0, y: 0, width: slide.width, height: around.y },
  ];
  const sizeOfStrip = ({ width, height }: Box) => Math.max(0, width) * Math.max(0, height);
  const best = strips.reduce((most, strip) => (sizeOfStrip(strip) > sizeOfStrip(most) ? strip : most));
  return sizeOfStrip(best) * 8 < slide.width * slide.height ? { x: 0, y: 0, ...slide } : best;
}

/**
 * A place in a strip for one of some pieces: in rows, evenly spread; they overlap when they have to. All in slide units.
 * @param place which piece it is, from 0
 * @param count how many pieces there are
 */
export function inStrip(
  strip: Box,
  place: number,
  count: number,
  { width, height }: { readonly width: number; readonly height: number },
): Frame {
  const fitting = Math.min(count, Math.max(1, Math.floor((strip.width - GAP) / (width + GAP))));
  const rows = Math.ceil(count / fitting);
  // As many in each row, rather than one by itself in the last.
  const columns = Math.ceil(count / rows);
  const spread = (room: number, size: number, at: number, of: number) =>
    of < 2 ? (room - size) / 2 : GAP + (Math.max(0, room - size - 2 * GAP) * at) / (of - 1);
  const x = strip.x + spread(strip.width, width, place % columns, columns);
  const y = strip.y + spread(strip.height, height, Math.floor(place / columns), rows);
  return { x: Math.round(x), y: Math.round(y), width, height, rotation: 0 };
}
