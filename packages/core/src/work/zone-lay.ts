/** How pieces lie in a zone: where its slots are, in which order pieces stand, and where each comes to rest. */
import { type Deck, type Piece, type PieceId, piecesOn, shapeRoom, zoneIn, type ZoneItem } from '../deck/index.js';
import { type Box, centreOf, type Point, restingPlace, turnPoint } from '../geometry/index.js';
import { applyWork } from './apply-work.js';
import type { Work } from './work.js';

/** Height kept free at the top of a zone for its label, in slide units. */
const ZONE_HEADER = 32;
/** Room between pieces in a row or column, in slide units. */
const GAP = 8;
/** How wide a slot looks best, as a multiple of its height. */
const SLOT_SHAPE = 1.5;

/** The part of a zone in which its label and its pieces have room: what its shape leaves. */
export function insideOf(zone: ZoneItem): Box {
  const { x, y, width, height } = zone.frame;
  // Most of a rectangle's rounding is where no piece lies.
  if (zone.shape === 'rectangle' || zone.shape === 'sharp-rectangle') return { x, y, width, height };
  const room = shapeRoom(zone.shape);
  return { x: x + room.x * width, y: y + room.y * height, width: room.width * width, height: room.height * height };
}

/** Height that the label of a zone takes, in slide units. */
export function headerOf(zone: ZoneItem): number {
  return zone.label === '' ? 0 : Math.min(ZONE_HEADER, insideOf(zone).height / 3);
}

/** The part of a zone in which pieces lie. */
export function roomIn(zone: ZoneItem): Box {
  const { x, y, width, height } = insideOf(zone);
  const header = headerOf(zone);
  return { x, y: y + header, width, height: height - header };
}

/** The slots of a zone, in reading order; none where pieces do not lie in slots. */
export function slotsOf(zone: ZoneItem): readonly Box[] {
  if (zone.lay !== 'slots' || zone.capacity === 0) return [];
  const room = roomIn(zone);
  const shapeWith = (columns: number) => {
    const rows = Math.ceil(zone.capacity / columns);
    return Math.abs(Math.log(room.width / columns / (room.height / rows) / SLOT_SHAPE));
  };
  const counts = Array.from({ length: zone.capacity }, (_, at) => at + 1);
  const columns = counts.reduce((best, count) => (shapeWith(count) < shapeWith(best) ? count : best), 1);
  const [width, height] = [room.width / columns, room.height / Math.ceil(zone.capacity / columns)];
  return counts.map((_, at) => ({
    x: room.x + (at % columns) * width,
    y: room.y + Math.floor(at / columns) * height,
    width,
    height,
  }));
}

/** The pieces in a zone, in the order in which they stand there. */
export function standingIn(edition: Deck, work: Work, item: ZoneItem): readonly Piece[] {
  const zone = zoneIn(edition.theme, item);
  const inZone = piecesOn(applyWork(edition, work), zone.slideId).filter(
    ({ id }) => work.pieces[id]?.zoneId === zone.id,
  );
  const lying = inZone.map((piece) => ({ piece, box: boxIn(zone, piece.frame) }));
  const byId = (a: Piece, b: Piece) => (a.id < b.id ? -1 : 1);
  if (zone.lay === 'row' || zone.lay === 'column' || slotsOf(zone).length > 0) {
    return lying
      .map(({ piece, box }) => ({ piece, at: positionIn(zone, centreOf(box)) }))
      .sort((a, b) => a.at - b.at || byId(a.piece, b.piece))
      .map(({ piece }) => piece);
  }
  return asRead(lying.sort((a, b) => byId(a.piece, b.piece)));
}

/**
 * Pieces that lie loosely, as they are read: line by line, each from left to right. What overlaps a line by half of its
 * own height, or of the line's, stands in it: pieces of different heights beside one another are one line.
 */
function asRead(lying: readonly { readonly piece: Piece; readonly box: Box }[]): readonly Piece[] {
  const lines: { top: number; bottom: number; readonly of: { readonly piece: Piece; readonly x: number }[] }[] = [];
  for (const { piece, box } of [...lying].sort((a, b) => centreOf(a.box).y - centreOf(b.box).y)) {
    const [top, bottom] = [box.y, box.y + box.height];
    const line = lines.find(
      (each) =>
        Math.min(bottom, each.bottom) - Math.max(top, each.top) >= Math.min(box.height, each.bottom - each.top) / 2,
    );
    if (line) line.of.push({ piece, x: centreOf(box).x });
    else lines.push({ top, bottom, of: [{ piece, x: centreOf(box).x }] });
  }
  return lines
    .sort((a, b) => a.top + a.bottom - b.top - b.bottom)
    .flatMap((line) => line.of.sort((a, b) => a.x - b.x).map(({ piece }) => piece));
}

/** Where something lies when its zone is looked at unturned; it keeps its own size. */
function boxIn({ frame }: ZoneItem, box: Box): Box {
  return aroundPlace(turnPoint(centreOf(box), centreOf(frame), -frame.rotation), box);
}

/** Where something that lies so in its unturned zone lies on the slide. */
function boxOnSlide({ frame }: ZoneItem, box: Box): Box {
  return aroundPlace(turnPoint(centreOf(box), centreOf(frame), frame.rotation), box);
}

function aroundPlace({ x, y }: Point, { width, height }: Box): Box {
  return { x: x - width / 2, y: y - height / 2, width, height };
}

/** A number that grows from the first place of a zone with rows, columns or slots to its last. */
function positionIn(zone: ZoneItem, { x, y }: Point): number {
  if (zone.lay === 'row') return x;
  if (zone.lay === 'column') return y;
  return nearest(slotsOf(zone), { x, y });
}

function nearest(slots: readonly Box[], { x, y }: Point): number {
  const away = (slot: Box) => Math.hypot(centreOf(slot).x - x, centreOf(slot).y - y);
  return slots.reduce((best, slot, at) => (away(slot) < away(slots[best] ?? slot) ? at : best), 0);
}

/** Where pieces rest, by id: their top left corners. */
export type Resting = Readonly<Record<PieceId, Point>>;

/**
 * Where a piece rests in a zone beside those that stand there, and where they go to make room. Without a place it goes
 * to the end, or where there is room. In a turned zone all of it is turned about the zone's middle.
 */
export function restIn(zone: ZoneItem, standing: readonly Piece[], piece: Piece, at: Point | null): Resting {
  if (zone.lay === 'free' && at) return { [piece.id]: at };
  const inside = (each: Piece): Piece => ({ ...each, frame: { ...each.frame, ...boxIn(zone, each.frame) } });
  const place = at && boxIn(zone, { ...at, width: piece.frame.width, height: piece.frame.height });
  const pieces = [...standing, piece];
  return onSlide(zone, pieces, restUnturned(zone, standing.map(inside), inside(piece), place));
}

/** Places in an unturned zone, as they are on the slide. */
function onSlide(zone: ZoneItem, pieces: readonly Piece[], resting: Resting): Resting {
  if (zone.frame.rotation === 0) return resting;
  return Object.fromEntries(
    pieces.flatMap(({ id, frame: { width, height } }) => {
      const at = resting[id];
      if (!at) return [];
      const { x, y } = boxOnSlide(zone, { ...at, width, height });
      return [[id, { x, y }]];
    }),
  );
}

function restUnturned(zone: ZoneItem, standing: readonly Piece[], piece: Piece, at: Point | null): Resting {
  const { width, height } = piece.frame;
  const middle = at && { x: at.x + width / 2, y: at.y + height / 2 };
  if (zone.lay === 'row' || zone.lay === 'column') {
    const before = middle
      ? standing.filter(({ frame }) => positionIn(zone, centreOf(frame)) < positionIn(zone, middle)).length
      : standing.length;
    return lineUp(zone, [...standing.slice(0, before), piece, ...standing.slice(before)]);
  }
  const slots = slotsOf(zone);
  if (slots.length > 0) {
    const taken = standing.map(({ frame }) => nearest(slots, centreOf(frame)));
    const free = slots.filter((_, slot) => !taken.includes(slot));
    const slot = middle ? free[nearest(free, middle)] : free[0];
    if (slot) return { [piece.id]: { x: slot.x + (slot.width - width) / 2, y: slot.y + (slot.height - height) / 2 } };
  }
  const room = roomIn(zone);
  return {
    [piece.id]: restingPlace(
      piece.frame,
      { ...room, rotation: 0 },
      standing.map(({ frame }) => frame),
    ),
  };
}

/** Pieces one after the other along a row or column, closer than they would like to be when there is little room. */
export function inLine(zone: ZoneItem, pieces: readonly Piece[]): Resting {
  return onSlide(zone, pieces, lineUp(zone, pieces));
}

function lineUp(zone: ZoneItem, pieces: readonly Piece[]): Resting {
  const room = roomIn(zone);
  const isRow = zone.lay === 'row';
  const long = (piece: Piece) => (isRow ? piece.frame.width : piece.frame.height);
  const space = (isRow ? room.width : room.height) - 2 * GAP;
  const wanted = pieces.reduce((sum, piece) => sum + long(piece) + GAP, -GAP);
  const last = pieces.at(-1);
  const squeeze = wanted > space && last && wanted > long(last) ? (space - long(last)) / (wanted - long(last)) : 1;
  const places: Record<PieceId, Point> = {};
  let along = (isRow ? room.x : room.y) + GAP;
  for (const piece of pieces) {
    const { width, height } = piece.frame;
    places[piece.id] = isRow
      ? { x: along, y: room.y + (room.height - height) / 2 }
      : { x: room.x + (room.width - width) / 2, y: along };
    along += (long(piece) + GAP) * Math.max(0, squeeze);
  }
  return places;
}
