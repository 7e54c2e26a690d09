/** Placements of many students: which piece lay in which zone how often. */
import { type Deck, nameOf, type PieceId, piecesOn, type SlideId, sourceOfPiece, zonesOn } from '../../deck/index.js';
import type { Work } from '../../work/index.js';

/** Pieces by zones. */
export interface PlacementTally {
  readonly zones: readonly { readonly id: string; readonly name: string }[];
  readonly pieces: readonly PlacedPiece[];
  /** How many students placed anything on the slide. */
  readonly answered: number;
}

/** A piece and where it lay. */
export interface PlacedPiece {
  readonly id: PieceId;
  readonly name: string;
  /** How often it (or a copy of it) lay in each zone, in the order of the zones. */
  readonly counts: readonly number[];
  /** For each zone whether it belongs there. */
  readonly right: readonly boolean[];
  /** How many students left it outside all zones, among those who placed anything. */
  readonly outside: number;
}

/** Counts the placements on a slide. */
export function tallyPlacements(edition: Deck, slideId: SlideId, works: readonly Work[]): PlacementTally {
  const zones = zonesOn(edition, slideId);
  const zoneIds = new Set(zones.map(({ id }) => id));
  const placements = works
    .map((work) =>
      Object.entries(work.pieces).flatMap(([id, { zoneId }]) =>
        zoneId !== null && zoneIds.has(zoneId) ? [{ id: sourceOfPiece(id), zoneId }] : [],
      ),
    )
    .filter((placed) => placed.length > 0);
  const counts = new Map<string, number>();
  const placedBy = new Map<PieceId, number>();
  const countUp = <K>(map: Map<K, number>, key: K) => map.set(key, (map.get(key) ?? 0) + 1);
  for (const placed of placements) {
    for (const { id, zoneId } of placed) countUp(counts, `${id} ${zoneId}`);
    for (const id of new Set(placed.map((one) => one.id))) countUp(placedBy, id);
  }
  const pieces = piecesOn(edition, slideId).map(({ id, name }) => ({
    id,
    name,
    counts: zones.map((zone) => counts.get(`${id} ${zone.id}`) ?? 0),
    right: zones.map((zone) => zone.belongs.includes(id)),
    outside: placements.length - (placedBy.get(id) ?? 0),
  }));
  return { zones: zones.map((zone) => ({ id: zone.id, name: nameOf(zone) })), pieces, answered: placements.length };
}
