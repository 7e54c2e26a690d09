/** Where lines run: tied ends follow the items they are tied to, wherever those are just now. */
import {
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
} from '../../geometry/index.js';
import type { Deck } from '../model/deck.js';
import { shownItemsOf } from '../model/items-in-order.js';
import type { ItemId, SlideId } from '../model/identifiers.js';
import { chartFigures } from '../charts/chart-figures.js';
import type { ChartItem, Item, LineEnd, LineItem } from '../model/item.js';
import { dressed } from '../text/dressing.js';

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
  return {
    from,
    to,
    connectorStyle: line.connectorStyle,
    bend: line.bend,
    sideways: leavesSideways(from, to, fromSide ?? toSide),
  };
}

/** Where a line runs by what is written down of it: for drawing it, once it has been led. */
export function drawnCourse(line: LineItem): Course {
  const from = placeOf(line.frame, line.from);
  return {
    from,
    to: placeOf(line.frame, line.to),
    connectorStyle: line.connectorStyle,
    bend: line.bend,
    sideways: line.sideways,
  };
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
  return withLinesLed(shownItemsOf(deck, slideId)).map((item) =>
    item.kind === 'chart' ? withFigures(deck, item) : dressed(deck.theme, item),
  );
}

/** A chart with the figures of its table. */
function withFigures(deck: Deck, chart: ChartItem): ChartItem {
  const table = chart.table === null ? undefined : deck.items[chart.table];
  if (table?.kind !== 'table' || table.slideId !== chart.slideId) return chart;
  return { ...chart, figures: chartFigures(table) };
}

/** Items with their lines led to where what they are tied to is; the very same items where nothing is to be led. */
export function withLinesLed(items: readonly Item[]): readonly Item[] {
  if (!items.some((item) => item.kind === 'line' && isTied(item))) return items;
  const frames = new Map(items.map((item) => [item.id, item.frame]));
  return items.map((item) => (item.kind === 'line' && isTied(item) ? led(item, (id) => frames.get(id) ?? null) : item));
}

/** Whether a line is tied to anything. */
export function isTied(line: LineItem): boolean {
  return line.from.at !== null || line.to.at !== null;
}

/** A line with its frame and ends where it runs; the same line when it is there already. */
export function led(line: LineItem, frameOf: FrameOf): LineItem {
  const fields = framedLine(line, courseOf(line, frameOf));
  return runsAs(line, fields) ? line : { ...line, ...fields };
}

/** Whether what is written down of a line is where it runs, to a two-hundredth of a slide unit. */
export function runsAs(line: LineItem, fields: Led): boolean {
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
