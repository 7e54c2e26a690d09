/** Work whose items are gone from its edition. */
import { type Deck, piecesIn, sourceOfPiece } from '../deck/index.js';
import { fills } from './fill-kinds.js';
import type { Work } from './work.js';

/** Work that no longer fits its edition: entries by id whose item is gone or has changed its kind. */
export function strandedIn(edition: Deck, work: Work): readonly string[] {
  const known = piecesIn(edition);
  return [
    ...Object.keys(work.pieces).filter((id) => !known.has(sourceOfPiece(id))),
    ...Object.keys(work.blanks).filter((id) => !fills(edition.items[id], 'blanks')),
    ...Object.keys(work.answers).filter((id) => !fills(edition.items[id], 'answers')),
    ...Object.entries(work.added).flatMap(([id, added]) => (fills(edition.items[added.areaId], 'added') ? [] : [id])),
    ...Object.entries(work.drawn).flatMap(([id, { itemId }]) => (fills(edition.items[itemId], 'drawn') ? [] : [id])),
  ];
}
