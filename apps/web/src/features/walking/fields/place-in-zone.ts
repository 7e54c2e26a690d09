/** Placing a piece in a zone without dragging it. */
import type { Piece, ZoneItem } from '@gobrel/core/deck';
import { type FillIn, outcomeInWords } from '@gobrel/slide-view';
import { messages, slideWords } from '../../../shared/messages';

/** Places a piece and says what became of it; what was refused is said for everybody to read. */
export function placeInZone(fillIn: FillIn, zones: readonly ZoneItem[], piece: Piece, zoneId: string): void {
  const drop = fillIn.putIntoZone(piece.id, zoneId);
  const outcome = outcomeInWords(zones, slideWords.pieces, piece.name || messages.pieces.unnamed, drop);
  if (drop?.refused) fillIn.warn(outcome);
  else fillIn.say(outcome);
}
