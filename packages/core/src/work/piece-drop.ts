/** Putting a piece down: into the zone under it, where it was let go, or back home. */
import {
  type Deck,
  type ItemId,
  type Piece,
  type PieceId,
  piecesIn,
  pileCopyId,
  shapeContains,
  sizeOf,
  type SlideId,
  sourceOfPiece,
  type ZoneItem,
  zonesOn,
} from '../deck/index.js';
import { type Box, boundsOf, centreOf, type Point } from '../geometry/index.js';
import { nextCopy } from './apply-work.js';
import { applyWorkChanges, type PiecePlace, type Work, type WorkChange } from './work.js';
import { inLine, restIn, type Resting, standingIn } from './zone-lay.js';

/** What became of a piece that was put down. */
export interface Drop {
  readonly changes: readonly WorkChange[];
  /** The piece that was put down: of a pile, the copy it gave out; `null` when nothing was. */
  readonly pieceId: PieceId | null;
  /** The zone it rests in; `null` when it lies elsewhere. */
  readonly zoneId: ItemId | null;
  /** Why the zone it was put into did not take it. */
  readonly refused: { readonly zone: ZoneItem; readonly why: 'full' | 'not-this-one' } | null;
  /** Whether it went home. */
  readonly home: boolean;
}

/** A piece in hand: as it lies now, what it is a copy of, and under which id it goes on. */
interface InHand {
  readonly piece: Piece;
  readonly source: PieceId;
  readonly id: PieceId;
}

/**
 * Where a piece comes to rest when it is let go with its top left corner at `at`: in the zone under its middle, else
 * right there, but on the slide and in its own region. `null` when there is no such piece, or its pile is used up.
 */
export function dropPiece(edition: Deck, work: Work, pieceId: PieceId, at: Point): Drop | null {
  const hand = takeInHand(edition, work, pieceId);
  if (!hand) return null;
  const { width, height } = hand.piece.frame;
  const place = keptIn(regionOf(edition, hand), { ...at, width, height });
  const middle = centreOf({ ...place, width, height });
  // The zone in front is the last one; a round one takes what lies on it, and not what lies beside it in its box.
  const zone = zonesOn(edition, hand.piece.slideId).findLast((each) => shapeContains(each.shape, each.frame, middle));
  return zone ? putIn(edition, work, hand, zone, place) : lay(edition, work, hand, place);
}

/** Puts a piece into a zone chosen by name; `null` when there is no such piece or zone. */
export function putIntoZone(edition: Deck, work: Work, pieceId: PieceId, zoneId: ItemId): Drop | null {
  const hand = takeInHand(edition, work, pieceId);
  const zone = edition.items[zoneId];
  if (!hand || zone?.kind !== 'zone' || zone.slideId !== hand.piece.slideId) return null;
  return putIn(edition, work, hand, zone, null);
}

/** Moves a piece by slide units without putting it into a zone, as arrow keys do; `null` when it is no piece. */
export function nudgePiece(edition: Deck, work: Work, pieceId: PieceId, dx: number, dy: number): Drop | null {
  const hand = takeInHand(edition, work, pieceId);
  if (!hand) return null;
  const { x, y, width, height } = hand.piece.frame;
  return lay(edition, work, hand, keptIn(regionOf(edition, hand), { x: x + dx, y: y + dy, width, height }));
}

/** Turns a piece by degrees clockwise; nothing when it may not be turned or is still in its pile. */
export function turnPiece(edition: Deck, work: Work, pieceId: PieceId, by: number): readonly WorkChange[] {
  const hand = takeInHand(edition, work, pieceId);
  const known = piecesIn(edition).get(sourceOfPiece(pieceId));
  if (!hand || hand.id !== pieceId || !known?.manner.turns) return [];
  const before = work.pieces[pieceId] ?? { x: known.frame.x, y: known.frame.y, zoneId: null };
  const turn = ((((before.turn ?? 0) + by) % 360) + 360) % 360;
  return [{ part: 'pieces', id: pieceId, value: { ...before, turn, lift: nextLift(work) } }];
}

/** Puts pieces back where they lay at first: copies go back into their pile. */
export function sendHome(edition: Deck, work: Work, ids: readonly PieceId[]): readonly WorkChange[] {
  const moved = ids.filter((id) => work.pieces[id]);
  const changes = moved.map((id): WorkChange => ({ part: 'pieces', id, value: null }));
  return [...changes, ...closedUp(edition, applyWorkChanges(work, changes), zonesLeft(work, moved))];
}

/** The pieces of a slide that are not at home. */
export function movedOn(edition: Deck, work: Work, slideId: SlideId): readonly PieceId[] {
  const known = piecesIn(edition);
  return Object.keys(work.pieces).filter((id) => known.get(sourceOfPiece(id))?.slideId === slideId);
}

function takeInHand(edition: Deck, work: Work, pieceId: PieceId): InHand | null {
  const source = sourceOfPiece(pieceId);
  const known = piecesIn(edition).get(source);
  if (!known) return null;
  const { pile } = known.manner;
  if (pile !== 0 && pieceId === source) {
    const number = nextCopy(work, source, pile);
    return number === null ? null : { piece: known, source, id: pileCopyId(source, number) };
  }
  const lying = work.pieces[pieceId];
  if (pile !== 0 && !lying) return null;
  const { width, height, rotation } = known.frame;
  const frame = { x: lying?.x ?? known.frame.x, y: lying?.y ?? known.frame.y, width, height, rotation };
  return { piece: { ...known, id: pieceId, frame }, source, id: pieceId };
}

function regionOf(edition: Deck, { piece }: InHand): Box {
  const around = piece.manner.within === null ? undefined : edition.items[piece.manner.within];
  return around ? boundsOf(around.frame) : { x: 0, y: 0, ...sizeOf(edition) };
}

/** A box moved so that it lies in a region, or around the middle of one that is smaller. */
function keptIn(region: Box, { x, y, width, height }: Box): Point {
  const along = (value: number, size: number, from: number, room: number) =>
    size > room ? from + (room - size) / 2 : Math.min(Math.max(from, value), from + room - size);
  return { x: along(x, width, region.x, region.width), y: along(y, height, region.y, region.height) };
}

function nextLift(work: Work): number {
  return Object.values(work.pieces).reduce((most, { lift = 0 }) => Math.max(most, lift), 0) + 1;
}

function placeOf(work: Work, { id }: InHand, at: Point, zoneId: ItemId | null): PiecePlace {
  const turn = work.pieces[id]?.turn;
  return { x: round(at.x), y: round(at.y), zoneId, lift: nextLift(work), ...(turn === undefined ? {} : { turn }) };
}

function lay(edition: Deck, work: Work, hand: InHand, at: Point, refused: Drop['refused'] = null): Drop {
  const changes: WorkChange[] = [{ part: 'pieces', id: hand.id, value: placeOf(work, hand, at, null) }];
  const closed = closedUp(edition, applyWorkChanges(work, changes), zonesLeft(work, [hand.id]));
  return { changes: [...changes, ...closed], pieceId: hand.id, zoneId: null, refused, home: false };
}

function putIn(edition: Deck, work: Work, hand: InHand, zone: ZoneItem, at: Point | null): Drop {
  const others = standingIn(edition, work, zone).filter(({ id }) => id !== hand.id);
  const isTaken = zone.takes.length === 0 || zone.takes.includes(hand.source);
  const isFull = zone.capacity > 0 && others.length >= zone.capacity;
  if (!isTaken || isFull) return notTaken(edition, work, hand, at, { zone, why: isTaken ? 'full' : 'not-this-one' });
  const piece: Piece = { ...hand.piece, id: hand.id };
  const resting = restIn(zone, others, piece, at);
  const changes: WorkChange[] = [
    { part: 'pieces', id: hand.id, value: placeOf(work, hand, resting[hand.id] ?? hand.piece.frame, zone.id) },
    ...madeRoom(work, resting, hand.id),
  ];
  const left = zonesLeft(work, [hand.id]).filter((id) => id !== zone.id);
  const closed = closedUp(edition, applyWorkChanges(work, changes), left);
  return { changes: [...changes, ...closed], pieceId: hand.id, zoneId: zone.id, refused: null, home: false };
}

/** A piece that a zone does not take goes home, or lies where it was let go, beside the zone when it was not. */
function notTaken(
  edition: Deck,
  work: Work,
  hand: InHand,
  at: Point | null,
  refused: NonNullable<Drop['refused']>,
): Drop {
  const wasThere = work.pieces[hand.id];
  if (refused.zone.sendsHome || (at === null && !wasThere)) {
    const changes = sendHome(edition, work, [hand.id]);
    return { changes, pieceId: null, zoneId: null, refused, home: true };
  }
  return at === null
    ? { changes: [], pieceId: hand.id, zoneId: wasThere?.zoneId ?? null, refused, home: false }
    : lay(edition, work, hand, at, refused);
}

/** Changes for the pieces that another one pushed aside. */
function madeRoom(work: Work, resting: Resting, putDown: PieceId): readonly WorkChange[] {
  return Object.entries(resting).flatMap(([id, { x, y }]): WorkChange[] => {
    const before = work.pieces[id];
    if (id === putDown || !before || (before.x === round(x) && before.y === round(y))) return [];
    return [{ part: 'pieces', id, value: { ...before, x: round(x), y: round(y) } }];
  });
}

function zonesLeft(work: Work, ids: readonly PieceId[]): readonly ItemId[] {
  return [...new Set(ids.flatMap((id) => work.pieces[id]?.zoneId ?? []))];
}

/** Rows and columns that a piece was taken from close up. */
function closedUp(edition: Deck, work: Work, zoneIds: readonly ItemId[]): readonly WorkChange[] {
  return zoneIds.flatMap((zoneId) => {
    const zone = edition.items[zoneId];
    if (zone?.kind !== 'zone' || (zone.lay !== 'row' && zone.lay !== 'column')) return [];
    return madeRoom(work, inLine(zone, standingIn(edition, work, zone)), '');
  });
}

/** To tenths of a slide unit. */
function round(value: number): number {
  return Math.round(value * 10) / 10;
}
