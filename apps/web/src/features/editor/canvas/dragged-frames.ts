/** What becomes of frames whose handle is dragged: resized or turned, one by one or together. */
import type { ItemId } from '@gobrel/core/deck';
import {
  boundsOfAll,
  centreOf,
  fitTogether,
  type Frame,
  type Guide,
  type Handle,
  isSquareToSlide,
  type Point,
  resizeFrame,
  rotationTowards,
  type Snap,
  snapEdges,
  type SnapTargets,
  turnTogether,
} from '@gobrel/core/geometry';

/** A handle of the frame around what is selected. */
export type FrameGrip = { readonly kind: 'handle'; readonly handle: Handle } | { readonly kind: 'turn' };

/** What a drag began on. */
export type Grip = FrameGrip | { readonly kind: 'canvas' };

/** Turning stops at every so many degrees, and exactly at each one. */
const TURN_STEP = 15;

/** How a drag goes on, by the keys that are held. */
export interface DragModifiers {
  /** Moves straight, resizes in proportion, turns by single degrees. */
  readonly exact: boolean;
  /** Whether a corner keeps the proportion, though nobody asks for it: of a picture. `exact` then lets it go. */
  readonly inProportion?: boolean;
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
  grip: FrameGrip,
  from: Point,
  to: Point,
  manner: DragModifiers,
): Dragged {
  const around = boundsOfAll(Object.values(frames));
  if (!around) return { frames, guides: [] };
  const way = { x: to.x - from.x, y: to.y - from.y };
  const all = Object.values(frames);
  const joint: Frame = all.length === 1 && all[0] ? all[0] : { ...around, rotation: 0 };
  switch (grip.kind) {
    case 'handle': {
      const askew = all.length > 1 && !all.every(isSquareToSlide);
      const proportional = askew || manner.exact !== (manner.inProportion ?? false);
      const { frame, guides } = resizedTo(joint, grip.handle, way, proportional, manner);
      return {
        frames: eachFrame(frames, (single) => (all.length === 1 ? frame : fitTogether(single, joint, frame))),
        guides,
      };
    }
    case 'turn': {
      const rotation = rotationTowards(joint, to, manner.exact ? 1 : TURN_STEP);
      const about = centreOf(joint);
      const turned = (frame: Frame) =>
        all.length === 1 ? { ...frame, rotation } : turnTogether(frame, about, rotation);
      return { frames: eachFrame(frames, turned), guides: [] };
    }
  }
}

/** Frames after a change, to tenths of slide units. */
export function eachFrame(frames: Readonly<Record<ItemId, Frame>>, change: (frame: Frame) => Frame): Dragged['frames'] {
  return Object.fromEntries(Object.entries(frames).map(([id, frame]) => [id, rounded(change(frame))]));
}

function resizedTo(
  frame: Frame,
  handle: Handle,
  way: Point,
  proportional: boolean,
  { fromCentre, snap, exact }: DragModifiers,
): Snapped {
  const how = { proportional, fromCentre };
  const resized = resizeFrame(frame, handle, way.x, way.y, how);
  if (!snap || frame.rotation !== 0 || exact || fromCentre) return { frame: resized, guides: [] };
  const { dx, dy, guides } = snapEdges(resized, handle, snap.targets, snap.reach, snap.grid);
  if (!proportional || handle.horizontal === 0 || handle.vertical === 0)
    return { frame: resizeFrame(frame, handle, way.x + dx, way.y + dy, how), guides };
  return snappedInProportion(frame, handle, resized, { dx, dy, guides });
}

interface Snapped {
  readonly frame: Frame;
  readonly guides: readonly Guide[];
}

/** A corner that keeps the proportion snaps with the one of its two edges that is nearer to something. */
function snappedInProportion(frame: Frame, handle: Handle, resized: Frame, { dx, dy, guides }: Snap): Snapped {
  const onX = dx !== 0 || guides.some(({ axis }) => axis === 'x');
  const onY = dy !== 0 || guides.some(({ axis }) => axis === 'y');
  if (!onX && !onY) return { frame: resized, guides: [] };
  const byX = onX && (!onY || Math.abs(dx) <= Math.abs(dy));
  const scale = byX
    ? (resized.width + handle.horizontal * dx) / frame.width
    : (resized.height + handle.vertical * dy) / frame.height;
  const grown = { x: handle.horizontal * frame.width * (scale - 1), y: handle.vertical * frame.height * (scale - 1) };
  return {
    frame: resizeFrame(frame, handle, grown.x, grown.y, { proportional: true }),
    guides: guides.filter(({ axis }) => axis === (byX ? 'x' : 'y')),
  };
}

function rounded(frame: Frame): Frame {
  const round = (value: number) => Math.round(value * 10) / 10;
  return { ...frame, x: round(frame.x), y: round(frame.y), width: round(frame.width), height: round(frame.height) };
}
