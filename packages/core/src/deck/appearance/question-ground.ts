/** What is pointed at or drawn on: as wide as there is room, in the shape of its picture. */
import type { DrawItem, PointItem } from '../model/question-items.js';

/** Width of what is drawn on, in the units that strokes are kept in, however large it is shown. */
export const GROUND_WIDTH = 1000;

/** Part of a question's frame that its prompt and tools leave to a ground without a picture. */
const LEFT = 0.68;

/** Width over height of what is pointed at or drawn on: of its picture, else of about what its frame leaves. */
export function groundRatio({ pixels, picture, frame }: PointItem | DrawItem): number {
  if (picture !== '' && pixels.width > 0 && pixels.height > 0) return pixels.width / pixels.height;
  return frame.width / Math.max(1, frame.height * LEFT);
}
