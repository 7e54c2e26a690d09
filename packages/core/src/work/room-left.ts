/** What is left of a limit, told in time: when a tenth of it is left, and once more when a fiftieth is. */
import { type Work, workLimits } from './work.js';

/** The shares of a limit that are still left when somebody is told. */
const TOLD_AT = [0.1, 0.02];

/** How much is left of a limit when a change has just brought it so close that it is to be told; `null` at other times. */
export function leftToTell(most: number, before: number, after: number): number | null {
  const isReached = (used: number, share: number) => most - used <= most * share;
  const isNew = TOLD_AT.some((share) => isReached(after, share) && !isReached(before, share));
  return isNew ? Math.max(0, most - after) : null;
}

/** The share of the room for drawing that is used, from 0 to 1. */
export function drawnShare({ drawn }: Work): number {
  const strokes = Object.values(drawn);
  const numbers = strokes.reduce((sum, { points }) => sum + points.length, 0);
  return Math.max(strokes.length / workLimits.strokes, numbers / workLimits.allPoints);
}

/** The share of the room for what is added that is used, from 0 to 1. */
export function addedShare({ added }: Work): number {
  const all = Object.values(added);
  const letters = all.reduce((sum, each) => sum + (each.kind === 'picture' ? each.bytes.length : 0), 0);
  return Math.max(all.length / workLimits.addedThings, letters / workLimits.allPictures);
}
