/** The mark for typed words against accepted ones: all points or none. */
import { isAccepted } from './accepted-words.js';
import { emptyMark, type Mark, markOf } from './mark.js';

/** The mark for `typed`, or `null` when nothing is accepted because a person reads the answers. */
export function markTyped(typed: string, accepted: readonly string[], points: number): Mark | null {
  if (accepted.length === 0) return null;
  const sample = accepted[0] ?? '';
  if (typed.trim() === '') return emptyMark(points, 'Nothing written.');
  return isAccepted(typed, accepted)
    ? markOf(points, points, 'As accepted.')
    : markOf(0, points, `Accepted: ${sample}.`);
}
