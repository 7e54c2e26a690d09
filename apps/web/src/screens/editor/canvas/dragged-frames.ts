/** What becomes of frames when they are dragged: moved, resized by a handle, or turned, one by one or together. */
import type { ItemId } from '@gobrel/core/deck';
import {
  boundsOfAll,
  type Box,
  centreOf,
  fitTogether,
  type Frame,
  type Guide,
  type Handle,
  isSquareToSlide,
  moveFrame,
  type Point,
  resizeFrame,
  rotationTowards,
  snapEdges,
  snapMove,
  type SnapTargets,
  turnTogether,
} from '@gobrel/core/geometry';

/** What a drag began on. */
export type Grip =
  { readonly kind: 'handle'; readonly handle: Handle } | { readonly kind: 'turn' } | { readonly kind: 'canvas' };

/** Turning stops at every so many degrees, and exactly at each one. */
const TURN_STEP = 15;

/** How a drag goes on, by the keys that are held. */
export interface Manner {
  /** Moves straight, resizes in proportion, turns by single degrees. */
  readonly exact: boolean;
  /** Resizes from the centre. */
  readonly fromCentre: boolean;
  /** What things snap to, `null` for nothing; `reach` and `grid` in slide units. */
  readonly snap: { readonly targets: SnapTargets; readonly reach: number; readonly grid: number } | null;
}

/** Frames after a drag, and the guides that show what they snapped to. */
export interface Dragged {
  readonly frames: Readonly<Record<ItemId, Frame>>;
  readonly guides: readonly Guide[];
}

/** The frames after a drag from one point of the slide to another. */
export function draggedFrames(
  frames: Readonly<Record<ItemId, Frame>>,
  grip: Grip,
  from: Point,
  to: Point,
  manner: Manner,
): Dragged {
  const around = boundsOfAll(Object.values(frames));
  if (!around) return { frames, guides: [] };
  const way = { x: to.x - from.x, y: to.y - from.y };
  const all = Object.values(frames);
  const joint: Frame = all.length === 1 && all[0] ? all[0] : { ...around, rotation: 0 };
  const each = (change: (frame: Frame) => Frame) =>
    Object.fromEntries(Object.entries(frames).map(([id, frame]) => [id, rounded(change(frame))]));
  switch (grip.kind) {
    case 'canvas': {
      const { dx, dy, guides } = movedBy(around, way, manner);
      return { frames: each((frame) => moveFrame(frame, dx, dy)), guides };
    }
    case 'handle': {
      const { frame, guides } = resizedTo(joint, grip.handle, way, {
        ...manner,
        exact: manner.exact || (all.length > 1 && !all.every(isSquareToSlide)),
      });
      return { frames: each((single) => (all.length === 1 ? frame : fitTogether(single, joint, frame))), guides };
    }
    case 'turn': {
      const rotation = rotationTowards(joint, to, manner.exact ? 1 : TURN_STEP);
      const about = centreOf(joint);
      const turned = (frame: Frame) =>
        all.length === 1 ? { ...frame, rotation } : turnTogether(frame, about, rotation);
      return { frames: each(turned), guides: [] };
    }
  }
}

function movedBy(around: Box, way: Point, { exact, snap }: Manner) {
  const level = Math.abs(way.x) > Math.abs(way.y);
  const dx = Math.round(exact && !level ? 0 : way.x);
  const dy = Math.round(exact && level ? 0 : way.y);
  if (!snap) return { dx, dy, guides: [] };
  const snapped = snapMove(moveFrame(around, dx, dy), snap.targets, snap.reach, snap.grid);
  // What is moved straight is drawn along its way only.
  const free = { x: !exact || level, y: !exact || !level };
  return {
    dx: dx + (free.x ? snapped.dx : 0),
    dy: dy + (free.y ? snapped.dy : 0),
    guides: snapped.guides.filter((guide) => free[guide.axis]),
  };
}

function resizedTo(frame: Frame, handle: Handle, way: Point, { exact, fromCentre, snap }: Manner) {
  const how = { proportional: exact, fromCentre };
  const resized = resizeFrame(frame, handle, way.x, way.y, how);
  if (!snap || frame.rotation !== 0 || exact || fromCentre) return { frame: resized, guides: [] };
  const { dx, dy, guides } = snapEdges(resized, handle, snap.targets, snap.reach, snap.grid);
  return { frame: resizeFrame(frame, handle, way.x + dx, way.y + dy, how), guides };
}

function rounded(frame: Frame): Frame {
  const round = (value: number) => Math.round(value * 10) / 10;
  return { ...frame, x: round(frame.x), y: round(frame.y), width: round(frame.width), height: round(frame.height) };
}
