/** Where a way runs on the map, in units of the map. */
import type { Point } from '@gobrel/core/geometry';

/** Room that a way takes beside others, and that one which leads back takes round the cards, in units of the map. */
const ROOM = { beside: 20, round: 80 };

/** Where a way runs. */
export interface WayCourse {
  /** From port to port, as SVG path data. */
  readonly path: string;
  readonly middle: Point;
  /** A place on the way. @param share how far along its pieces, from 0 at its beginning to 1 at its end */
  readonly at: (share: number) => Point;
}

/** A piece of a way: a cubic curve from one end to the other, with the two points that pull at it. */
type Piece = readonly [from: Point, pull: Point, pullBack: Point, to: Point];

/**
 * The course of a way from port to port.
 * @param place how many ways between the same two slides are drawn before it
 */
export function wayCourse(from: Point, to: Point, bends: readonly Point[], place: number): WayCourse {
  const turn = place * ROOM.beside;
  const isBackRound = to.x < from.x + 20 && bends.length === 0;
  return isBackRound ? roundUnder(from, to, turn) : level(from, to, bends, turn);
}

/** Back round under both cards. */
function roundUnder(from: Point, to: Point, turn: number): WayCourse {
  const low = Math.max(from.y, to.y) + ROOM.round + turn;
  const middle = { x: (from.x + to.x) / 2, y: low };
  const aside = (point: Point, by: number): Point => ({ x: point.x + by, y: point.y });
  const right = from.x + ROOM.round;
  // Where both halves meet the curve goes on as it came.
  const onward = { x: 2 * middle.x - right, y: low };
  return courseOf(
    [
      [from, aside(from, ROOM.round), { x: right, y: low }, middle],
      [middle, onward, aside(to, -ROOM.round), to],
    ],
    middle,
  );
}

/** Level at each of its points, as ways run from left to right. */
function level(from: Point, to: Point, bends: readonly Point[], turn: number): WayCourse {
  const ordered = to.x < from.x ? [...bends].reverse() : bends;
  const points = [from, ...ordered.map(({ x, y }) => ({ x, y: y + turn })), to];
  if (points.length === 2 && turn > 0) points.splice(1, 0, { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 + turn });
  const pieces = points.slice(1).map((point, place): Piece => {
    const before = points[place] ?? from;
    const pull = (point.x - before.x) / 2;
    return [before, { x: before.x + pull, y: before.y }, { x: point.x - pull, y: point.y }, point];
  });
  const [one, other] = [points[(points.length - 1) >> 1] ?? from, points[points.length >> 1] ?? to];
  return courseOf(pieces, { x: (one.x + other.x) / 2, y: (one.y + other.y) / 2 });
}

function courseOf(pieces: readonly Piece[], middle: Point): WayCourse {
  const [first] = pieces;
  const said = ({ x, y }: Point) => `${x} ${y}`;
  const path = pieces.map(([, pull, pullBack, to]) => ` C${said(pull)} ${said(pullBack)} ${said(to)}`).join('');
  return {
    path: first ? `M${said(first[0])}${path}` : '',
    middle,
    at: (share) => {
      const along = Math.min(1, Math.max(0, share)) * pieces.length;
      const place = Math.min(pieces.length - 1, Math.floor(along));
      const piece = pieces[place];
      return piece ? onCurve(piece, along - place) : middle;
    },
  };
}

/** A place on a cubic curve (Bernstein's form). @param share from 0 to 1 */
function onCurve([from, pull, pullBack, to]: Piece, share: number): Point {
  const rest = 1 - share;
  const of = (axis: 'x' | 'y') =>
    rest ** 3 * from[axis] +
    3 * rest ** 2 * share * pull[axis] +
    3 * rest * share ** 2 * pullBack[axis] +
    share ** 3 * to[axis];
  return { x: of('x'), y: of('y') };
}
