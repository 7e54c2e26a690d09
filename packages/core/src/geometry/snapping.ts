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
  readonly lines: Readonly<Record<Axis, readonly Line[]>>;
  readonly rows: Readonly<Record<Axis, Rows>>;
}

/**
 * Boxes as one axis sees them, in order of where they start, and how far each reaches across. Numbers are kept apart in
 * arrays of their own: with every move all boxes are looked through for those in the same row.
 */
interface Rows {
  readonly spans: readonly Span[];
  readonly crossStarts: Float64Array;
  readonly crossEnds: Float64Array;
}

/** A line to be flush with, and how far it reaches across its axis. */
interface Line {
  readonly at: number;
  readonly from: number;
  readonly to: number;
}

/** A box as one axis sees it. */
interface Span {
  readonly start: number;
  readonly end: number;
  readonly crossStart: number;
  readonly crossEnd: number;
}

const AXES: readonly Axis[] = ['x', 'y'];
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
  const linesOf = (axis: Axis): readonly Line[] =>
    [...boxes, { x: 0, y: 0, ...slide }]
      .flatMap((box) => {
        const span = spanOf(box, axis);
        return anchorsOf(span).map((at) => ({ at, from: span.crossStart, to: span.crossEnd }));
      })
      .sort((a, b) => a.at - b.at);
  return { lines: { x: linesOf('x'), y: linesOf('y') }, rows: { x: rowsOf(boxes, 'x'), y: rowsOf(boxes, 'y') } };
}

function rowsOf(boxes: readonly Box[], axis: Axis): Rows {
  const spans = boxes.map((box) => spanOf(box, axis)).sort((a, b) => a.start - b.start);
  return {
    spans,
    crossStarts: Float64Array.from(spans, (span) => span.crossStart),
    crossEnds: Float64Array.from(spans, (span) => span.crossEnd),
  };
}

/**
 * Snaps a box that is being moved.
 * @param reach how far a target draws it in
 * @param grid width of a grid's squares, for an axis on which nothing else draws; 0 for none
 */
export function snapMove(box: Box, targets: SnapTargets, reach: number, grid = 0): Snap {
  const shiftOn = (axis: Axis): number => {
    const span = spanOf(box, axis);
    const line = nearestShift(anchorsOf(span), targets.lines[axis], reach);
    const gap = gapShift(span, targets.rows[axis], reach);
    const best = [line, gap].filter((shift) => shift !== null).sort((a, b) => Math.abs(a) - Math.abs(b))[0];
    return best ?? (grid > 0 ? Math.round(span.start / grid) * grid - span.start : 0);
  };
  const [dx, dy] = [shiftOn('x'), shiftOn('y')];
  const moved = { ...box, x: box.x + dx, y: box.y + dy };
  const guides = AXES.flatMap((axis) => [
    ...lineGuides(moved, anchorsOf(spanOf(moved, axis)), targets, axis),
    ...gapGuides(moved, targets.rows[axis], axis),
  ]);
  return { dx, dy, guides };
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
  const guides = AXES.flatMap((axis) =>
    sides[axis] === 0 ? [] : lineGuides(box, [edgeOf(axis, box) + (axis === 'x' ? dx : dy)], targets, axis),
  );
  return { dx, dy, guides };
}

/** The smallest shift that puts one of the anchors on a line, or `null` when none is within reach. */
function nearestShift(anchors: readonly number[], lines: readonly Line[], reach: number): number | null {
  let best: number | null = null;
  for (const anchor of anchors) {
    const place = firstAtOrAfter(lines, anchor);
    for (const line of [lines[place - 1], lines[place]]) {
      const shift = line ? line.at - anchor : Infinity;
      if (Math.abs(shift) <= reach && (best === null || Math.abs(shift) < Math.abs(best))) best = shift;
    }
  }
  return best;
}

/** Place of the first line at or after a position, by halving. */
function firstAtOrAfter(lines: readonly Line[], at: number): number {
  let low = 0;
  let high = lines.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((lines[middle]?.at ?? Infinity) < at) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** Others in the same row (or column) as a span, in order, with their places along the axis. */
function neighboursOf(span: Span, { spans, crossStarts, crossEnds }: Rows): readonly Span[] {
  const row: Span[] = [];
  for (let place = 0; place < spans.length; place += 1) {
    if ((crossStarts[place] ?? 0) >= span.crossEnd || (crossEnds[place] ?? 0) <= span.crossStart) continue;
    const other = spans[place];
    if (other) row.push(other);
  }
  return row;
}

/** The smallest shift that makes a gap beside the span equal to another one, or both gaps beside it equal. */
function gapShift(span: Span, rows: Rows, reach: number): number | null {
  const row = neighboursOf(span, rows);
  const size = span.end - span.start;
  let best: number | null = null;
  const consider = (start: number) => {
    const shift = start - span.start;
    if (Math.abs(shift) <= reach && (best === null || Math.abs(shift) < Math.abs(best))) best = shift;
  };
  row.forEach((right, place) => {
    const left = row[place - 1];
    const gap = left ? right.start - left.end : 0;
    if (!left || gap <= 0) return;
    consider(right.end + gap);
    consider(left.start - gap - size);
    if (gap >= size) consider(left.end + (gap - size) / 2);
  });
  return best;
}

function lineGuides(box: Box, anchors: readonly number[], targets: SnapTargets, axis: Axis): readonly Guide[] {
  const span = spanOf(box, axis);
  const lines = targets.lines[axis];
  const guides: Guide[] = [];
  for (const anchor of anchors) {
    let { crossStart: from, crossEnd: to } = span;
    let at: number | null = null;
    for (let place = firstAtOrAfter(lines, anchor - SAME); place < lines.length; place += 1) {
      const line = lines[place];
      if (!line || line.at > anchor + SAME) break;
      at = line.at;
      from = Math.min(from, line.from);
      to = Math.max(to, line.to);
    }
    if (at !== null) guides.push({ kind: 'line', axis, at, from, to });
  }
  return guides;
}

/** The gaps beside a snapped box that equal a gap of its row, each as a measure; none when they are not equal. */
function gapGuides(box: Box, rows: Rows, axis: Axis): readonly Guide[] {
  const span = spanOf(box, axis);
  const row = [...neighboursOf(span, rows), span].sort((a, b) => a.start - b.start);
  const gaps = row.slice(1).flatMap((right, index) => {
    const left = row[index];
    return left && right.start - left.end > SAME ? [{ left, right, size: right.start - left.end }] : [];
  });
  const beside = gaps.filter(({ left, right }) => left === span || right === span);
  const isSame = (a: { readonly size: number }, b: { readonly size: number }) => Math.abs(a.size - b.size) < SAME;
  const matched = beside.filter((mine) => gaps.some((other) => other !== mine && isSame(mine, other)));
  const equal = gaps.filter((gap) => matched.some((mine) => isSame(mine, gap)));
  return equal.map(({ left, right }) => ({
    kind: 'gap',
    axis,
    at: (Math.max(left.crossStart, right.crossStart) + Math.min(left.crossEnd, right.crossEnd)) / 2,
    from: left.end,
    to: right.start,
  }));
}
