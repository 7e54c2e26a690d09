/**
 * Snapping: what a box that is moved or resized comes to lie flush with. Edges and centres of other boxes and of the
 * slide draw it in, so do gaps equal to those between its neighbours, and else a grid. All lengths in slide units.
 */
import type { Box } from './frame.js';

/** `x`: lines stand upright and have an x; `y`: lines lie level and have a y. */
export type Axis = 'x' | 'y';

/** What to draw while something is snapped: a line it is flush with, or a gap that equals another one. In slide units. */
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

/** How far to shift a box so that it is snapped, in slide units. */
export interface Shift {
  readonly dx: number;
  readonly dy: number;
}

/** The same, and what shows why. */
export interface Snap extends Shift {
  readonly guides: readonly Guide[];
}

/** Everything that others can be snapped to, worked out once a drag. */
export interface SnapTargets {
  readonly lines: Readonly<Record<Axis, Lines>>;
  readonly rows: Readonly<Record<Axis, Rows>>;
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

function spanOf({ x, y, width, height }: Box, axis: Axis): Span {
  return axis === 'x'
    ? { start: x, end: x + width, crossStart: y, crossEnd: y + height }
    : { start: y, end: y + height, crossStart: x, crossEnd: x + width };
}

function anchorsOf({ start, end }: Span): readonly [number, number, number] {
  return [start, (start + end) / 2, end];
}

interface Size {
  readonly width: number;
  readonly height: number;
}

/**
 * The targets that the other boxes and the slide offer.
 * @param boxes bounds of what stays where it is
 * @param slide the slide's size; its edges and centre lines are targets too
 * @param moved size of what is going to be moved: boxes of about this size are answered fastest
 */
export function snapTargets(boxes: readonly Box[], slide: Size, moved: Size = slide): SnapTargets {
  const all = [...boxes, { x: 0, y: 0, ...slide }];
  return {
    lines: { x: linesOf(all, 'x'), y: linesOf(all, 'y') },
    rows: { x: new Rows(boxes, 'x', moved.height), y: new Rows(boxes, 'y', moved.width) },
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

/** No more bands than this, however small what is moved. */
const BANDS = 64;

/**
 * Boxes as one axis sees them, and the gaps between those that lie in a row (or column) with a span. They are sorted
 * into bands across the axis, each twice as broad as a span and beginning where the one before is half over: whatever
 * lies beside a span is in a single band, so that a move looks at a few boxes of hundreds.
 */
class Rows {
  /** The boxes of each band in order of where they start, `SPAN` numbers a box. */
  private readonly bands: readonly Float64Array[];
  /** Where the first band begins across the axis, and how far it is from there to the next. */
  private readonly first: number;
  private readonly step: number;
  /** All boxes, for a span that is longer than was said. */
  private readonly all: Float64Array;

  /** @param across how long the spans are, across the axis, that will be asked for */
  constructor(boxes: readonly Box[], axis: Axis, across: number) {
    const spans = boxes.map((box) => spanOf(box, axis)).sort((a, b) => a.start - b.start);
    this.all = packed(spans);
    const from = Math.min(...spans.map((span) => span.crossStart));
    const extent = Math.max(0, Math.max(...spans.map((span) => span.crossEnd)) - from);
    this.step = Math.max(across, extent / BANDS, 1);
    this.first = from - this.step;
    const count = spans.length === 0 ? 0 : Math.ceil(extent / this.step) + 1;
    this.bands = Array.from({ length: count }, (_, band) => {
      const begin = this.first + band * this.step;
      return packed(spans.filter((span) => isBeside(span, begin, begin + 2 * this.step)));
    });
  }

  /** The boxes beside a span, in order of where they start. */
  beside({ crossStart: from, crossEnd: to }: Span): readonly Span[] {
    const band = this.bandOf(from, to);
    const spans: Span[] = [];
    for (let at = 0; at < band.length; at += SPAN) {
      const crossStart = band[at + 2] ?? 0;
      const crossEnd = band[at + 3] ?? 0;
      if (crossStart >= to || crossEnd <= from) continue;
      spans.push({ start: band[at] ?? 0, end: band[at + 1] ?? 0, crossStart, crossEnd });
    }
    return spans;
  }

  /**
   * The smallest shift that makes a gap beside a span equal to another one, or both gaps beside it equal. Runs with
   * every move: straight through a band, the same way each time, and making nothing, which browsers do fastest.
   */
  gapShift({ start, end, crossStart, crossEnd }: Span): number {
    const band = this.bandOf(crossStart, crossEnd);
    const size = end - start;
    let best = Infinity;
    let leftStart = 0;
    let leftEnd = Infinity;
    for (let at = 0; at < band.length; at += SPAN) {
      if ((band[at + 2] ?? 0) >= crossEnd || (band[at + 3] ?? 0) <= crossStart) continue;
      const rightStart = band[at] ?? 0;
      const rightEnd = band[at + 1] ?? 0;
      const gap = rightStart - leftEnd;
      if (gap > 0) {
        best = smaller(best, rightEnd + gap - start);
        best = smaller(best, leftStart - gap - end);
        if (gap >= size) best = smaller(best, leftEnd + (gap - size) / 2 - start);
      }
      leftStart = rightStart;
      leftEnd = rightEnd;
    }
    return best;
  }

  /** The band in which everything lies that is beside a span, if anything does. */
  private bandOf(crossStart: number, crossEnd: number): Float64Array {
    if (crossEnd - crossStart > this.step) return this.all;
    return this.bands[Math.floor((crossStart - this.first) / this.step)] ?? NONE;
  }
}

/** Numbers that say where a span is: where it starts and ends along its axis, and across. */
const SPAN = 4;
const NONE = new Float64Array();

/** Spans as numbers in a row. */
function packed(spans: readonly Span[]): Float64Array {
  return Float64Array.from(spans.flatMap((span) => [span.start, span.end, span.crossStart, span.crossEnd]));
}

/** Whether a span and a stretch across its axis share more than an edge. */
function isBeside(span: Span, from: number, to: number): boolean {
  return span.crossStart < to && span.crossEnd > from;
}

/**
 * How far a box that is being moved is drawn in. Asked with every move of the pointer, so it makes nothing new but its
 * answer; `guidesFor` tells what shows why, once the box has come to lie elsewhere.
 * @param reach how far a target draws it in, in slide units
 * @param grid width of a grid's squares in slide units, for an axis on which nothing else draws; 0 for none
 */
export function snapMove(box: Box, targets: SnapTargets, reach: number, grid = 0): Shift {
  return { dx: shiftAlong(box, 'x', targets, reach, grid), dy: shiftAlong(box, 'y', targets, reach, grid) };
}

/** What a box is flush with where it lies, and which gaps beside it are equal. */
export function guidesFor(box: Box, targets: SnapTargets): readonly Guide[] {
  const guides: Guide[] = [];
  for (const axis of ['x', 'y'] as const) {
    const span = spanOf(box, axis);
    const known = guides.length;
    addLineGuides(guides, span, [span.start, span.end], targets.lines[axis], axis);
    // Flush with both edges of something, its middle says nothing more.
    if (guides.length - known < 2)
      addLineGuides(guides, span, [(span.start + span.end) / 2], targets.lines[axis], axis);
    addGapGuides(guides, span, targets.rows[axis], axis);
  }
  return guides;
}

/** How far to shift a box along an axis: to the nearest line or equal gap within reach, or else to the grid. */
function shiftAlong(box: Box, axis: Axis, { lines, rows }: SnapTargets, reach: number, grid: number): number {
  const span = spanOf(box, axis);
  const { ats } = lines[axis];
  const size = span.end - span.start;
  let shift = Infinity;
  shift = smaller(shift, nearest(ats, span.start));
  shift = smaller(shift, nearest(ats, span.start + size / 2));
  shift = smaller(shift, nearest(ats, span.end));
  shift = smaller(shift, rows[axis].gapShift(span));
  if (Math.abs(shift) <= reach) return shift;
  return grid > 0 ? Math.round(span.start / grid) * grid - span.start : 0;
}

/**
 * Snaps the edges of a box that are being dragged, all in slide units.
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
    const line = nearest(targets.lines[axis].ats, edge);
    if (Math.abs(line) <= reach) return line;
    return grid > 0 ? Math.round(edge / grid) * grid - edge : 0;
  };
  const [dx, dy] = [shiftOn('x'), shiftOn('y')];
  const guides: Guide[] = [];
  for (const [axis, shift] of [['x', dx] as const, ['y', dy] as const])
    if (sides[axis] !== 0)
      addLineGuides(guides, spanOf(box, axis), [edgeOf(axis, box) + shift], targets.lines[axis], axis);
  return { dx, dy, guides };
}

/** The way from a position to the nearest of some numbers in order; infinite when there are none. */
function nearest(ats: Float64Array, from: number): number {
  const place = firstAtOrAfter(ats, from);
  return smaller((ats[place] ?? Infinity) - from, (ats[place - 1] ?? -Infinity) - from);
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

/** The lines on which anchors of a span lie. */
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
  const others = rows.beside(span);
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
