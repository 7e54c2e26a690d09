/** Where lines run: tied ends follow the items they are tied to, wherever those are just now. */
import {
  bendTowards,
  boundsOfWay,
  type Course,
  type Frame,
  leavesSideways,
  nearestSide,
  type Point,
  type Side,
  sideOf,
  SMALLEST_SIDE,
  centreOf,
  turnPoint,
} from '../geometry/index.js';
import { applyChanges, type Change } from './change.js';
import { type Deck, itemsOf, shownItemsOf } from './deck.js';
import type { ItemId, SlideId } from './identifiers.js';
import type { Item, LineEnd, LineItem } from './item.js';
import { dressed } from './dressing.js';

/** Looks up the frame of an item on the line's slide; `null` for one that is gone. */
export type FrameOf = (id: ItemId) => Frame | null;

/** Where a line runs. */
export function courseOf(line: LineItem, frameOf: FrameOf): Course {
  const tiedTo = (end: LineEnd) => (end.at === null ? null : frameOf(end.at));
  const [start, goal] = [tiedTo(line.from), tiedTo(line.to)];
  const free = (end: LineEnd) => placeOf(line.frame, end);
  const towards = (frame: Frame | null, end: LineEnd) => (frame ? centreOf(frame) : free(end));
  const side = (frame: Frame, end: LineEnd, other: Point): Side => end.side ?? nearestSide(frame, other);
  const fromSide = start && side(start, line.from, towards(goal, line.to));
  const toSide = goal && side(goal, line.to, towards(start, line.from));
  const from = start && fromSide ? sideOf(start, fromSide) : free(line.from);
  const to = goal && toSide ? sideOf(goal, toSide) : free(line.to);
  return { from, to, way: line.way, bend: line.bend, sideways: leavesSideways(from, to, fromSide ?? toSide) };
}

/** Where a line runs by what is written down of it: for drawing it, once it has been led. */
export function drawnCourse(line: LineItem): Course {
  const from = placeOf(line.frame, line.from);
  return { from, to: placeOf(line.frame, line.to), way: line.way, bend: line.bend, sideways: line.sideways };
}

/** Where a free end is. */
function placeOf(frame: Frame, { u, v }: Pick<LineEnd, 'u' | 'v'>): Point {
  return turnPoint({ x: frame.x + u * frame.width, y: frame.y + v * frame.height }, centreOf(frame), frame.rotation);
}

/** What is written down of where a line runs. */
export type Led = Pick<LineItem, 'frame' | 'from' | 'to' | 'sideways'>;

/** The frame around a line, and its ends in it. */
export function framedLine(line: LineItem, course: Course): Led {
  const box = boundsOfWay(course);
  const width = Math.max(box.width, SMALLEST_SIDE);
  const height = Math.max(box.height, SMALLEST_SIDE);
  // A flat line lies in the middle of its frame.
  const frame = {
    x: box.x - (width - box.width) / 2,
    y: box.y - (height - box.height) / 2,
    width,
    height,
    rotation: 0,
  };
  const within = ({ x, y }: Point) => ({ u: part((x - frame.x) / width), v: part((y - frame.y) / height) });
  return {
    frame,
    from: { ...line.from, ...within(course.from) },
    to: { ...line.to, ...within(course.to) },
    sideways: course.sideways,
  };
}

function part(value: number): number {
  return Math.min(1, Math.max(0, value));
}

/** Items as they are drawn: their lines led to what they are tied to, their texts dressed in the theme. */
export function itemsToDraw(deck: Deck, slideId: SlideId): readonly Item[] {
  return withLinesLed(shownItemsOf(deck, slideId)).map((item) => dressed(deck.theme, item));
}

/** Items with their lines led to where what they are tied to is; the very same items where nothing is to be led. */
export function withLinesLed(items: readonly Item[]): readonly Item[] {
  if (!items.some((item) => item.kind === 'line' && isTied(item))) return items;
  const frames = new Map(items.map((item) => [item.id, item.frame]));
  return items.map((item) => (item.kind === 'line' && isTied(item) ? led(item, (id) => frames.get(id) ?? null) : item));
}

function isTied(line: LineItem): boolean {
  return line.from.at !== null || line.to.at !== null;
}

/** A line with its frame and ends where it runs; the same line when it is there already. */
export function led(line: LineItem, frameOf: FrameOf): LineItem {
  const fields = framedLine(line, courseOf(line, frameOf));
  return isSame(line, fields) ? line : { ...line, ...fields };
}

function isSame(line: LineItem, fields: Led): boolean {
  const { frame, from, to } = fields;
  const near = (a: number, b: number) => Math.abs(a - b) < 0.005;
  return (
    near(line.frame.x, frame.x) &&
    near(line.frame.y, frame.y) &&
    near(line.frame.width, frame.width) &&
    near(line.frame.height, frame.height) &&
    line.frame.rotation === 0 &&
    line.sideways === fields.sideways &&
    [line.from.u - from.u, line.from.v - from.v, line.to.u - to.u, line.to.v - to.v].every((gap) => near(gap, 0))
  );
}

/** The changes that write down where lines run after some other changes: on the slides those touch. */
export function leadLines(deck: Deck, changes: readonly Change[]): Change[] {
  const isLine = (item: Item) => item.kind === 'line';
  if (!Object.values(deck.items).some(isLine) && !changes.some((each) => each.type === 'put-item' && isLine(each.item)))
    return [];
  const next = applyChanges(deck, changes);
  const slides = new Set(changes.flatMap((change) => slideOf(next, change)));
  return [...slides].flatMap((slideId) => {
    const items = itemsOf(next, slideId);
    const frameOf: FrameOf = (id) => (next.items[id]?.slideId === slideId ? next.items[id].frame : null);
    return items.flatMap((item): Change[] => {
      if (item.kind !== 'line') return [];
      const { frame, from, to, sideways } = led(item, frameOf);
      const kept = (end: LineEnd): LineEnd =>
        end.at !== null && !frameOf(end.at) ? { ...end, at: null, side: null } : end;
      const fields: Led = { frame, from: kept(from), to: kept(to), sideways };
      const isUntied = fields.from.at !== from.at || fields.to.at !== to.at;
      return isUntied || !isSame(item, fields) ? [{ type: 'set-item', id: item.id, fields }] : [];
    });
  });
}

function slideOf(deck: Deck, change: Change): SlideId[] {
  switch (change.type) {
    case 'put-item':
      return [change.item.slideId];
    case 'set-item':
      // What is typed moves nothing, and needs no look at the lines.
      return 'frame' in change.fields || 'from' in change.fields || 'to' in change.fields || 'bend' in change.fields
        ? [deck.items[change.id]?.slideId ?? '']
        : [];
    case 'remove-item':
      return Object.values(deck.items).flatMap((item) =>
        item.kind === 'line' && (item.from.at === change.id || item.to.at === change.id) ? [item.slideId] : [],
      );
    default:
      return [];
  }
}

/** Moves an end of a line to a point, or ties it to a side of an item. */
export function setLineEnd(
  deck: Deck,
  id: ItemId,
  which: 'from' | 'to',
  to: Point | { readonly at: ItemId; readonly side: Side | null },
): Change[] {
  const line = deck.items[id];
  if (line?.kind !== 'line') return [];
  const frameOf: FrameOf = (other) => deck.items[other]?.frame ?? null;
  if ('at' in to) return [{ type: 'set-item', id, fields: { [which]: { ...line[which], at: to.at, side: to.side } } }];
  const untied: LineItem = { ...line, [which]: { ...line[which], at: null, side: null } };
  const course = courseOf(line, frameOf);
  const from = which === 'from' ? to : course.from;
  const goal = which === 'to' ? to : course.to;
  const sideways = leavesSideways(from, goal, null);
  return [{ type: 'set-item', id, fields: framedLine(untied, { ...course, from, to: goal, sideways }) }];
}

/** Bends a line so that its middle comes as near as can be to a point. */
export function bendLine(deck: Deck, id: ItemId, point: Point): Change[] {
  const line = deck.items[id];
  if (line?.kind !== 'line') return [];
  const course = courseOf(line, (other) => deck.items[other]?.frame ?? null);
  const bend = Math.round(bendTowards(course, point));
  // Nearly unbent is unbent: nobody can hit nought by hand.
  return setLineWay(deck, id, { bend: Math.abs(bend) < 6 ? 0 : bend });
}

/** Leads a line another way. */
export function setLineWay(deck: Deck, id: ItemId, fields: Partial<Pick<LineItem, 'way' | 'bend'>>): Change[] {
  const line = deck.items[id];
  if (line?.kind !== 'line') return [];
  const course = courseOf(line, (other) => deck.items[other]?.frame ?? null);
  return [{ type: 'set-item', id, fields: { ...fields, ...framedLine(line, { ...course, ...fields }) } }];
}

/** A line moved by itself lets go of what it is tied to; of items that move along it does not. */
export function lettingGo(line: LineItem, moving: (id: ItemId) => boolean): Partial<Pick<LineItem, 'from' | 'to'>> {
  const loosened = (end: LineEnd): LineEnd =>
    end.at !== null && !moving(end.at) ? { ...end, at: null, side: null } : end;
  return isTied(line) ? { from: loosened(line.from), to: loosened(line.to) } : {};
}
