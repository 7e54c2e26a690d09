/** Pieces that belong in no zone, on slides on which all others do. */
import { piecesOn, type ZoneItem } from '../../deck/index.js';
import type { SlideRule } from '../rule.js';

export const pieceWithoutZone: SlideRule<'piece-without-zone'> = {
  name: 'piece-without-zone',
  level: 'look',
  source: 'pieces that looked like scenery, and scenery that could be dragged away',
  look: ({ items, deck, slide }) => {
    const zones = items.filter((item): item is ZoneItem => item.kind === 'zone' && item.belongs.length > 0);
    const placed = new Set(zones.flatMap(({ belongs }) => belongs));
    return zones.length === 0
      ? []
      : piecesOn(deck, slide.id).flatMap((piece) =>
          placed.has(piece.id) ? [] : [{ items: piece.items.map(({ id }) => id), values: {} }],
        );
  },
  mend: null,
};
