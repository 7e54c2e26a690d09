/**
 * Snapping: what a box that is moved or resized comes to lie flush with. Edges and centres of other boxes and of the
 * slide draw it in, so do gaps equal to those between its neighbours, and else a grid. All lengths in slide units.
 */
import type { Box } from './frame.js';

/** `x`: lines stand upright and have an x; `y`: lines lie level and have a y. */
export type Axis = 'x' | 'y';

/** What to draw while something is snapped: a line it is flush with, or a gap that equals another one. */
export interface Guide {
  readonly kind: 'line' | 'gap';
  /** The axis whose position is snapped. A gap is measured along it. */
  readonly axis: Axis;
  /** For a line its position on the axis, for a gap the position of the measure across it. */
  readonly at: number;
  /** Where it begins and ends: across the axis for a line, along it for a gap. */
  readonly from: number;
  readonly to: number;
}

/** How far to shift a box so that it is snapped, and what shows why. */
export interface Snap {
  readonly dx: number;
  readonly dy: number;
  readonly guides: readonly Guide[];
}

/** Everything that others can be snapped to, worked out once a drag. */
export interface SnapTargets {
  readonly lines: Readonly<Record<Axis, Lines>>;
  readonly rows: Readonly<Record<Axis, Rows>>;
}

/**
 * Boxes as one axis sees them, in order of where they start; and their places in that order by where they start across
 * the axis, so that those in the same row are found without looking at all.
 */
interface Rows {
  readonly spans: readonly Span[];
  readonly places: readonly number[];
  readonly crossStarts: Float64Array;
  /** The longest reach across the axis. */
  readonly widest: number;
}

/** The lines to be flush with, in order, and from where to where across its axis boxes lie on each. */
interface Lines {
  readonly ats: Float64Array;
  readonly from: Float64Array;
  readonly to: Float64Array;
}

/** A box as one axis sees it. */
interface Span {
  readonly start: number;
  readonly end: number;
  readonly crossStart: number;
  readonly crossEnd: number;
}

/** Lengths that differ by less are the same: fractions of slide units come and go with turning. */
const SAME = 0.01;

function spanOf(box: Box, axis: Axis): Span {
  const across = { start: box.y, end: box.y + box.height };
  const along = { start: box.x, end: box.x + box.width };
  return axis === 'x'
    ? { ...along, crossStart: across.start, crossEnd: across.end }
    : { ...across, crossStart: along.start, crossEnd: along.end };
}

function anchorsOf({ start, end }: Span): readonly [number, number, number] {
  return [start, (start + end) / 2, end];
}

/**
 * The targets that the other boxes and the slide offer.
 * @param boxes bounds of what stays where it is
 * @param slide the slide's size; its edges and centre lines are targets too
 */
export function snapTargets(
  boxes: readonly Box[],
  slide: { readonly width: number; readonly height: number },
): SnapTargets {
  const all = [...boxes, { x: 0, y: 0, ...slide }];
  return {
    lines: { x: linesOf(all, 'x'), y: linesOf(all, 'y') },
    rows: { x: rowsOf(boxes, 'x'), y: rowsOf(boxes, 'y') },
  };
}

function linesOf(boxes: readonly Box[], axis: Axis): Lines {
  const edges = boxes
    .flatMap((box) => {
      const span = spanOf(box, axis);
      return anchorsOf(span).map((at) => ({ at, from: span.crossStart, to: span.crossEnd }));
    })
    .sort((a, b) => a.at - b.at);
  const lines: { at: number; from: number; to: number }[] = [];
  for (const edge of edges) {
    const last = lines.at(-1);
    if (!last || edge.at - last.at >= SAME) lines.push({ ...edge });
    else {
      last.from = Math.min(last.from, edge.from);
      last.to = Math.max(last.to, edge.to);
    }
  }
  return {
    ats: Float64Array.from(lines, (line) => line.at),
    from: Float64Array.from(lines, (line) => line.from),
    to: Float64Array.from(lines, (line) => line.to),
  };
}

function rowsOf(boxes: readonly Box[], axis: Axis): Rows {
  const spans = boxes.map((box) => spanOf(box, axis)).sort((a, b) => a.start - b.start);
  const across = spans.map((span, place) => ({ span, place })).sort((a, b) => a.span.crossStart - b.span.crossStart);
  return {
    spans,
    places: across.map(({ place }) => place),
    crossStarts: Float64Array.from(across, ({ span }) => span.crossStart),
    widest: spans.reduce((most, span) => Math.max(most, span.crossEnd - span.crossStart), 0),
  };
}

/**
 * Snaps a box that is being moved.
 * @param reach how far a target draws it in
 * @param grid width of a grid's squares, for an axis on which nothing else draws; 0 for none
 */
export function snapMove(box: Box, targets: SnapTargets, reach: number, grid = 0): Snap {
  const x = shiftAlong(box, 'x', targets, reach, grid);
  const y = shiftAlong(box, 'y', targets, reach, grid);
  const moved = { ...box, x: box.x + x.shift, y: box.y + y.shift };
  const guides: Guide[] = [];
  for (const [axis, { hasGap }] of [['x', x] as const, ['y', y] as const]) {
    const span = spanOf(moved, axis);
    addLineGuides(guides, span, anchorsOf(span), targets.lines[axis], axis);
    if (hasGap) addGapGuides(guides, span, targets.rows[axis], axis);
  }
  return { dx: x.shift, dy: y.shift, guides };
}

/** How far to shift a box along an axis, and whether a gap beside it then equals another one. */
function shiftAlong(
  box: Box,
  axis: Axis,
  targets: SnapTargets,
  reach: number,
  grid: number,
): { readonly shift: number; readonly hasGap: boolean } {
  const span = spanOf(box, axis);
  const line = nearestShift(anchorsOf(span), targets.lines[axis], reach);
  const gap = gapShift(span, targets.rows[axis], reach);
  if (line === null && gap === null)
    return { shift: grid > 0 ? Math.round(span.start / grid) * grid - span.start : 0, hasGap: false };
  const shift = Math.abs(line ?? Infinity) <= Math.abs(gap ?? Infinity) ? (line ?? 0) : (gap ?? 0);
  return { shift, hasGap: gap !== null && Math.abs(gap - shift) < SAME };
}

/**
 * Snaps the edges of a box that are being dragged.
 * @param box as it would be without snapping
 * @param edges which edge moves on each axis: -1 left or top, 0 none, 1 right or bottom
 */
export function snapEdges(
  box: Box,
  edges: { readonly horizontal: -1 | 0 | 1; readonly vertical: -1 | 0 | 1 },
  targets: SnapTargets,
  reach: number,
  grid = 0,
): Snap {
  const sides = { x: edges.horizontal, y: edges.vertical };
  const edgeOf = (axis: Axis, of: Box) => (sides[axis] < 0 ? spanOf(of, axis).start : spanOf(of, axis).end);
  const shiftOn = (axis: Axis): number => {
    if (sides[axis] === 0) return 0;
    const edge = edgeOf(axis, box);
    const line = nearestShift([edge], targets.lines[axis], reach);
    return line ?? (grid > 0 ? Math.round(edge / grid) * grid - edge : 0);
  };
  const [dx, dy] = [shiftOn('x'), shiftOn('y')];
  const guides: Guide[] = [];
  for (const [axis, shift] of [['x', dx] as const, ['y', dy] as const])
    if (sides[axis] !== 0)
      addLineGuides(guides, spanOf(box, axis), [edgeOf(axis, box) + shift], targets.lines[axis], axis);
  return { dx, dy, guides };
}

/** The smallest shift that puts one of the anchors on a line, or `null` when none is within reach. */
function nearestShift(anchors: readonly number[], { ats }: Lines, reach: number): number | null {
  let best = Infinity;
  for (const anchor of anchors) {
    const place = firstAtOrAfter(ats, anchor);
    const after = (ats[place] ?? Infinity) - anchor;
    const before = (ats[place - 1] ?? -Infinity) - anchor;
    best = smaller(smaller(best, after), before);
  }
  return Math.abs(best) <= reach ? best : null;
}

/** The one of two shifts that is nearer to none. */
function smaller(a: number, b: number): number {
  return Math.abs(b) < Math.abs(a) ? b : a;
}

/** Place of the first number at or after a position, by halving. */
function firstAtOrAfter(ats: Float64Array, at: number): number {
  let low = 0;
  let high = ats.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((ats[middle] ?? Infinity) < at) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** Others in the same row (or column) as a span, in order of where they start. */
function neighboursOf(span: Span, { spans, places, crossStarts, widest }: Rows): readonly Span[] {
  const row: number[] = [];
  for (let at = firstAtOrAfter(crossStarts, span.crossStart - widest); at < places.length; at += 1) {
    if ((crossStarts[at] ?? Infinity) >= span.crossEnd) break;
    const place = places[at] ?? 0;
    if ((spans[place]?.crossEnd ?? -Infinity) > span.crossStart) row.push(place);
  }
  return row.sort((a, b) => a - b).flatMap((place) => spans[place] ?? []);
}

/** The smallest shift that makes a gap beside the span equal to another one, or both gaps beside it equal. */
function gapShift(span: Span, rows: Rows, reach: number): number | null {
  const size = span.end - span.start;
  let best = Infinity;
  let left: Span | null = null;
  for (const right of neighboursOf(span, rows)) {
    const gap = left ? right.start - left.end : 0;
    if (left && gap > 0) {
      best = smaller(best, right.end + gap - span.start);
      best = smaller(best, left.start - gap - size - span.start);
      if (gap >= size) best = smaller(best, left.end + (gap - size) / 2 - span.start);
    }
    left = right;
  }
  return Math.abs(best) <= reach ? best : null;
}

function addLineGuides(
  guides: Guide[],
  span: Span,
  anchors: readonly number[],
  { ats, from, to }: Lines,
  axis: Axis,
): void {
  for (const anchor of anchors) {
    const place = firstAtOrAfter(ats, anchor - SAME);
    const at = ats[place] ?? Infinity;
    if (at > anchor + SAME) continue;
    guides.push({
      kind: 'line',
      axis,
      at,
      from: Math.min(span.crossStart, from[place] ?? Infinity),
      to: Math.max(span.crossEnd, to[place] ?? -Infinity),
    });
  }
}

/**
 * The gaps beside a snapped box that equal another one of its row, each as a measure with the nearest equal one on
 * either side; none when they are not equal.
 */
function addGapGuides(guides: Guide[], span: Span, rows: Rows, axis: Axis): void {
  const others = neighboursOf(span, rows);
  const before = others.filter((other) => other.start <= span.start);
  const row = [...before, span, ...others.slice(before.length)];
  const gapAfter = (place: number) => (row[place + 1]?.start ?? -Infinity) - (row[place]?.end ?? Infinity);
  const shown = new Set<number>();
  for (const mine of [before.length - 1, before.length]) {
    const size = gapAfter(mine);
    if (size <= SAME) continue;
    for (const way of [-1, 1]) {
      let other = mine + way;
      while (other >= 0 && other < row.length && Math.abs(gapAfter(other) - size) >= SAME) other += way;
      if (other >= 0 && other < row.length) shown.add(mine).add(other);
    }
  }
  for (const place of [...shown].sort((a, b) => a - b)) {
    const [left, right] = [row[place], row[place + 1]];
    if (!left || !right) continue;
    guides.push({
      kind: 'gap',
      axis,
      at: (Math.max(left.crossStart, right.crossStart) + Math.min(left.crossEnd, right.crossEnd)) / 2,
      from: left.end,
      to: right.start,
    });
  }
}
