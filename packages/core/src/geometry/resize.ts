/** Resizing and turning a frame by its handles, exactly, also when it is turned. */
import { centreOf, type Frame, normaliseAngle, type Point, turnPoint } from './frame.js';

/** A handle on a frame: which edge it moves on each axis (-1 left or top, 0 none, 1 right or bottom). */
export interface Handle {
  readonly horizontal: -1 | 0 | 1;
  readonly vertical: -1 | 0 | 1;
}

/** The least width and height that resizing leaves, in slide units. */
export const SMALLEST_SIDE = 8;

/** How a frame is resized. */
interface Resizing {
  /** Whether a corner keeps the ratio of the sides. */
  readonly proportional?: boolean;
  /** Whether the centre stays where it is, instead of the opposite edge or corner. */
  readonly fromCentre?: boolean;
}

/**
 * The frame after its handle was dragged by (`dx`, `dy`) slide units, as seen on the slide.
 * The opposite edge or corner stays where it is drawn, or with `fromCentre` the centre.
 */
export function resizeFrame<F extends Frame>(frame: F, handle: Handle, dx: number, dy: number, how: Resizing = {}): F {
  const along = turnPoint({ x: dx, y: dy }, { x: 0, y: 0 }, -frame.rotation);
  const grown = how.fromCentre ? 2 : 1;
  let width = Math.max(SMALLEST_SIDE, frame.width + grown * handle.horizontal * along.x);
  let height = Math.max(SMALLEST_SIDE, frame.height + grown * handle.vertical * along.y);
  if (how.proportional && handle.horizontal !== 0 && handle.vertical !== 0) {
    const scale = Math.max(width / frame.width, height / frame.height);
    width = frame.width * scale;
    height = frame.height * scale;
  }
  const centre = centreOf(frame);
  if (how.fromCentre) return { ...frame, x: centre.x - width / 2, y: centre.y - height / 2, width, height };
  const shift = turnPoint(
    { x: (handle.horizontal * (width - frame.width)) / 2, y: (handle.vertical * (height - frame.height)) / 2 },
    { x: 0, y: 0 },
    frame.rotation,
  );
  return { ...frame, x: centre.x + shift.x - width / 2, y: centre.y + shift.y - height / 2, width, height };
}

/** The turn, in degrees, that points a frame's top at `pointer`; rounded to `step` degrees. */
export function rotationTowards(frame: Frame, pointer: Point, step = 1): number {
  const centre = centreOf(frame);
  const degrees = (Math.atan2(pointer.x - centre.x, centre.y - pointer.y) * 180) / Math.PI;
  return normaliseAngle(Math.round(degrees / step) * step);
}
