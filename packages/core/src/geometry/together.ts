/** Several frames sized and turned as one, as a group is. */
import { type Box, centreOf, type Frame, normaliseAngle, type Point, turnPoint } from './frame.js';

/** Whether a frame stands upright or on its side, so that its sides can be stretched apart from each other. */
export function isSquareToSlide(frame: Frame): boolean {
  return frame.rotation % 90 === 0;
}

/**
 * A frame after the box around several frames went from one size to another. Each keeps its place within the box.
 * A frame that is turned askew keeps the ratio of its sides, so stretch such ones in proportion.
 */
export function fitTogether(frame: Frame, from: Box, to: Box): Frame {
  const [sx, sy] = [to.width / from.width, to.height / from.height];
  const centre = centreOf(frame);
  const middle = { x: to.x + (centre.x - from.x) * sx, y: to.y + (centre.y - from.y) * sy };
  const even = Math.sqrt(sx * sy);
  const [along, across] = !isSquareToSlide(frame) ? [even, even] : frame.rotation % 180 === 0 ? [sx, sy] : [sy, sx];
  const [width, height] = [frame.width * along, frame.height * across];
  return { ...frame, x: middle.x - width / 2, y: middle.y - height / 2, width, height };
}

/** A frame turned about a point that several frames share, in degrees clockwise. */
export function turnTogether(frame: Frame, about: Point, degrees: number): Frame {
  const centre = turnPoint(centreOf(frame), about, degrees);
  return {
    ...frame,
    x: centre.x - frame.width / 2,
    y: centre.y - frame.height / 2,
    rotation: normaliseAngle(frame.rotation + degrees),
  };
}
