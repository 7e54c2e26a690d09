/** Placements of many students: which piece lay in which zone how often. */
import {
  type Deck,
  nameOf,
  type PieceId,
  piecesOn,
  type SlideId,
  sourceOfPiece,
  type ZoneItem,
  zonesOn,
} from '../../deck/index.js';
import type { Work } from '../../work/index.js';
import { expectedIn, placedIn } from './mark-placement.js';

/** A zone, or one of its places where their order counts. */
interface TallyColumn {
  readonly id: string;
  readonly name: string;
  /** Which place of the zone, counted from 1; `null` for the zone as a whole. */
  readonly place: number | null;
}

/** Pieces by zones. */
export interface PlacementTally {
  readonly zones: readonly TallyColumn[];
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

/** Counts the placements on a slide. Where the order in a zone counts, its places are counted one by one. */
export function tallyPlacements(edition: Deck, slideId: SlideId, works: readonly Work[]): PlacementTally {
  const zones = zonesOn(edition, slideId);
  const placements = works
    .map((work) => zones.flatMap((zone) => placementsIn(zone, work, edition)))
    .filter((placed) => placed.length > 0);
  const columns = zones.flatMap((zone) => columnsOf(zone, edition));
  const counts = new Map<string, number>();
  const placedBy = new Map<PieceId, number>();
  const countUp = <K>(map: Map<K, number>, key: K) => map.set(key, (map.get(key) ?? 0) + 1);
  for (const placed of placements) {
    for (const { id, column } of placed) countUp(counts, `${id} ${column}`);
    for (const id of new Set(placed.map((one) => one.id))) countUp(placedBy, id);
  }
  const pieces = piecesOn(edition, slideId).map(({ id, name }) => ({
    id,
    name,
    counts: columns.map((column) => counts.get(`${id} ${column.id}`) ?? 0),
    right: columns.map(({ takes }) => takes.includes(id)),
    outside: placements.length - (placedBy.get(id) ?? 0),
  }));
  return {
    zones: columns.map(({ id, name, place }) => ({ id, name, place })),
    pieces,
    answered: placements.length,
  };
}

/** The pieces in a zone, each with the column it counts in. */
function placementsIn(zone: ZoneItem, work: Work, edition: Deck) {
  const last = expectedIn(zone, edition).length;
  return placedIn(zone, work, edition).map((id, at) => ({
    id: sourceOfPiece(id),
    column: zone.inOrder && last > 0 ? placeId(zone, Math.min(at, last)) : zone.id,
  }));
}

/** The columns of a zone, with the pieces that are right there. */
function columnsOf(zone: ZoneItem, edition: Deck): readonly (TallyColumn & { readonly takes: readonly PieceId[] })[] {
  const name = nameOf(zone);
  const expected = expectedIn(zone, edition);
  if (!zone.inOrder || expected.length === 0) return [{ id: zone.id, name, place: null, takes: zone.belongs }];
  return [
    ...expected.map((id, at) => ({ id: placeId(zone, at), name, place: at + 1, takes: [id] })),
    // Whatever stands behind the last place.
    { id: placeId(zone, expected.length), name, place: expected.length + 1, takes: [] },
  ];
}

function placeId({ id }: ZoneItem, at: number): string {
  return `${id} ${at}`;
}
