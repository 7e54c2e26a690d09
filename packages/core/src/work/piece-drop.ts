/** Putting a piece down: into the zone under it, or where it was let go. */
import { type Deck, itemsOf, type ItemId, sizeOf, type ZoneItem } from '../deck/index.js';
import { boxesMeet, frameUnder, type Point, restingPlace } from '../geometry/index.js';
import { layOver } from './lay-over.js';
import type { PiecePlace, Work } from './work.js';

/** Height kept free at the top of a zone for its label, in slide units. */
export const ZONE_HEADER = 32;

/** The zones of the slide that a piece lies on, from back to front. */
export function zonesFor(edition: Deck, pieceId: ItemId): readonly ZoneItem[] {
  const piece = edition.items[pieceId];
  if (!piece) return [];
  return itemsOf(edition, piece.slideId).filter((item): item is ZoneItem => item.kind === 'zone');
}

/**
 * Where a piece comes to rest when it is let go with its top left corner at `at`:
 * in the zone under its middle, beside the pieces already there, else right there but on the slide.
 * `null` when there is no such piece.
 */
export function dropPiece(edition: Deck, work: Work, pieceId: ItemId, at: Point): PiecePlace | null {
  const piece = edition.items[pieceId];
  if (!piece?.loose) return null;
  const { width, height } = piece.frame;
  const zone = frameUnder({ ...at, width, height }, zonesFor(edition, pieceId));
  if (zone) return putIntoZone(edition, work, pieceId, zone.id);
  const size = sizeOf(edition);
  const within = (value: number, most: number) => Math.min(Math.max(0, value), Math.max(0, most));
  return { x: within(at.x, size.width - width), y: within(at.y, size.height - height), zoneId: null };
}

/** Where a piece comes to rest in a zone chosen by name; `null` when there is no such piece or zone. */
export function putIntoZone(edition: Deck, work: Work, pieceId: ItemId, zoneId: ItemId): PiecePlace | null {
  const piece = edition.items[pieceId];
  const zone = edition.items[zoneId];
  if (!piece?.loose || zone?.kind !== 'zone') return null;
  const laid = layOver(edition, work);
  const taken = itemsOf(laid, piece.slideId)
    .filter((item) => item.loose && item.id !== pieceId && boxesMeet(item.frame, zone.frame))
    .map((item) => item.frame);
  const header = zone.label === '' ? 0 : ZONE_HEADER;
  return { ...restingPlace(piece.frame, zone.frame, taken, header), zoneId };
}
