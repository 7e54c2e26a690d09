/** The courses of lines: straight, elbowed and curved, bent by a handle in their middle. */
import { type Box, centreOf, type Frame, type Point, turnPoint } from './frame.js';

/** How a line gets from one end to the other. */
export const connectorStyles = ['straight', 'elbow', 'curve'] as const;

/** How a line gets from one end to the other. */
export type ConnectorStyle = (typeof connectorStyles)[number];

/** The sides of a frame where a line can be tied. */
export const sides = ['top', 'right', 'bottom', 'left'] as const;

/** A side of a frame. */
export type Side = (typeof sides)[number];

/** The middle of a frame's side, as drawn. */
export function sideOf(frame: Frame, side: Side): Point {
  const { x, y, width, height } = frame;
  const unturned = {
    top: { x: x + width / 2, y },
    right: { x: x + width, y: y + height / 2 },
    bottom: { x: x + width / 2, y: y + height },
    left: { x, y: y + height / 2 },
  }[side];
  return turnPoint(unturned, centreOf(frame), frame.rotation);
}

/** The side of a frame whose middle is nearest to a point. */
export function nearestSide(frame: Frame, to: Point): Side {
  const far = (side: Side) => {
    const at = sideOf(frame, side);
    return Math.hypot(at.x - to.x, at.y - to.y);
  };
  return sides.reduce((best, side) => (far(side) < far(best) ? side : best));
}

/** A line's ends, and how it is led between them. */
export interface Course {
  readonly from: Point;
  readonly to: Point;
  readonly connectorStyle: ConnectorStyle;
  /** How far its middle is pushed aside, in slide units: across the line, or along the first leg of an elbow. */
  readonly bend: number;
  /** Whether an elbow leaves sideways; else it leaves up or down. */
  readonly sideways: boolean;
}

/** Whether an elbow between two points, tied to sides or free, leaves sideways. */
export function leavesSideways(from: Point, to: Point, side: Side | null): boolean {
  if (side !== null) return side === 'left' || side === 'right';
  return Math.abs(to.x - from.x) >= Math.abs(to.y - from.y);
}

/** The middle of an unbent line, and the direction in which its handle is pulled (a unit vector). */
function bending(course: Omit<Course, 'bend'>): { readonly middle: Point; readonly along: Point } {
  const { from, to, connectorStyle, sideways } = course;
  const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
  if (connectorStyle === 'elbow') return { middle, along: sideways ? { x: 1, y: 0 } : { x: 0, y: 1 } };
  const length = Math.hypot(to.x - from.x, to.y - from.y);
  if (length === 0) return { middle, along: { x: 0, y: -1 } };
  return { middle, along: { x: (to.y - from.y) / length, y: -(to.x - from.x) / length } };
}

/** The middle of a line as it is bent: where its handle is. */
export function middleOf(course: Course): Point {
  const { middle, along } = bending(course);
  return { x: middle.x + along.x * course.bend, y: middle.y + along.y * course.bend };
}

/** The bend that brings a line's middle as near as can be to a point. */
export function bendTowards(course: Omit<Course, 'bend'>, point: Point): number {
  const { middle, along } = bending(course);
  return (point.x - middle.x) * along.x + (point.y - middle.y) * along.y;
}

/** The corners of a line as led: two points for a straight one, three when it is bent, four for an elbow. */
export function cornersOfConnector(course: Course): readonly Point[] {
  const { from, to, connectorStyle, bend, sideways } = course;
  const middle = middleOf(course);
  if (connectorStyle === 'elbow') {
    return sideways
      ? [from, { x: middle.x, y: from.y }, { x: middle.x, y: to.y }, to]
      : [from, { x: from.x, y: middle.y }, { x: to.x, y: middle.y }, to];
  }
  return bend === 0 && connectorStyle === 'straight' ? [from, to] : [from, middle, to];
}

/**
 * The control point of a curve that passes through its middle: a quadratic Bézier curve is at
 * (from + 2 · control + to) / 4 half way.
 */
function controlOf(course: Course): Point {
  const middle = middleOf(course);
  return {
    x: 2 * middle.x - (course.from.x + course.to.x) / 2,
    y: 2 * middle.y - (course.from.y + course.to.y) / 2,
  };
}

/** A line as an SVG path. */
export function pathOfConnector(course: Course): string {
  const at = ({ x, y }: Point) => `${round(x)} ${round(y)}`;
  if (course.connectorStyle === 'curve') return `M${at(course.from)}Q${at(controlOf(course))} ${at(course.to)}`;
  return `M${cornersOfConnector(course).map(at).join('L')}`;
}

function round(value: number): number {
  return Math.round(value * 100) / 100;
}

/** Where a line points at an end, looking outwards: degrees, 0 to the right, clockwise. */
export function headingAt(course: Course, end: 'from' | 'to'): number {
  const corners =
    course.connectorStyle === 'curve' ? [course.from, controlOf(course), course.to] : cornersOfConnector(course);
  const outwards = end === 'to' ? corners : [...corners].reverse();
  const tip = outwards.at(-1) ?? course.to;
  const before = outwards.slice(0, -1).findLast((point) => point.x !== tip.x || point.y !== tip.y) ?? tip;
  return (Math.atan2(tip.y - before.y, tip.x - before.x) * 180) / Math.PI;
}

/** The smallest upright box around a line. */
export function boundsOfWay(course: Course): Box {
  const points =
    course.connectorStyle === 'curve'
      ? [course.from, course.to, ...turningPoints(course)]
      : [...cornersOfConnector(course)];
  const xs = points.map((point) => point.x);
  const ys = points.map((point) => point.y);
  const [x, y] = [Math.min(...xs), Math.min(...ys)];
  return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}

/** Where a curve is farthest to a side: where its derivative is nought in x or in y. */
function turningPoints(course: Course): readonly Point[] {
  const [a, b, c] = [course.from, controlOf(course), course.to];
  const at = (t: number): Point => ({
    x: (1 - t) ** 2 * a.x + 2 * t * (1 - t) * b.x + t ** 2 * c.x,
    y: (1 - t) ** 2 * a.y + 2 * t * (1 - t) * b.y + t ** 2 * c.y,
  });
  return [(a.x - b.x) / (a.x - 2 * b.x + c.x), (a.y - b.y) / (a.y - 2 * b.y + c.y)]
    .filter((t) => t > 0 && t < 1)
    .map(at);
}
