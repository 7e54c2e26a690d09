/** Zones in which the pieces that belong there have no room. */
import { piecesOn, setFrames, sizeOf, type ZoneItem } from '../../deck/index.js';
import { insideOf, roomIn } from '../../work/index.js';
import type { SlideRule } from '../rule.js';

/** How closely pieces lie together, as a part of a zone's room. */
const PACKED = 0.85;

export const zoneTooSmall: SlideRule<'zone-too-small'> = {
  name: 'zone-too-small',
  level: 'look',
  source: 'piles of pieces in which the lowest could not be seen',
  look: ({ items, deck }) =>
    items.flatMap((item) => {
      if (item.kind !== 'zone' || item.needs === 'one') return [];
      const pieces = piecesOn(deck, item.slideId).filter(({ id }) => item.belongs.includes(id));
      const isOver = item.capacity > 0 && item.belongs.length > item.capacity;
      return pieces.length > 0 && (isOver || !hasRoom(item, pieces))
        ? [{ items: [item.id], values: { pieces: pieces.length } }]
        : [];
    }),
  mend: (deck, { items: [id = ''] }) => {
    const zone = deck.items[id];
    if (zone?.kind !== 'zone') return [];
    const pieces = piecesOn(deck, zone.slideId).filter(({ id: piece }) => zone.belongs.includes(piece));
    const slide = sizeOf(deck);
    // It grows to the right and down, as far as the slide goes.
    for (let factor = 1.1; factor < 4; factor += 0.1) {
      const width = Math.min(zone.frame.width * factor, slide.width - zone.frame.x);
      const height = Math.min(zone.frame.height * factor, slide.height - zone.frame.y);
      const frame = { ...zone.frame, width, height };
      if (hasRoom({ ...zone, frame }, pieces)) return setFrames(deck, { [id]: frame });
    }
    return [];
  },
};

function hasRoom(
  zone: ZoneItem,
  pieces: readonly { readonly frame: { readonly width: number; readonly height: number } }[],
): boolean {
  // One piece may lie over the zone's name.
  const room = pieces.length === 1 ? insideOf(zone) : roomIn(zone);
  const area = pieces.reduce((sum, { frame }) => sum + frame.width * frame.height, 0);
  const fits = pieces.every(({ frame }) => frame.width <= room.width + 1 && frame.height <= room.height + 1);
  return fits && (pieces.length === 1 || area <= room.width * room.height * PACKED);
}
