/** A mark: how an answer stands, how many points it earned, and why. */
import type { Reason } from './reason.js';

/**
 * How an answer stands: nothing given yet; given, and waiting for a person to mark it; or right, partly right, wrong. It
 * comes from the answer, whatever points it is worth.
 */
export const verdictNames = ['empty', 'unmarked', 'right', 'partly', 'wrong'] as const;

/** How an answer stands. */
export type Verdict = (typeof verdictNames)[number];

/** The mark for one item. */
export interface Mark {
  readonly verdict: Verdict;
  /** Points earned, in halves; 0 while it is not marked. */
  readonly points: number;
  /** Points that could be earned. */
  readonly outOf: number;
  readonly why: Reason;
  /** Whether a teacher gave it, rather than a key. */
  readonly byTeacher?: true;
}

/**
 * The mark for an answer by its key.
 * @param share how much of it is right, from 0 to 1; less than all of it never earns all points
 */
export function markOf(share: number, outOf: number, why: Reason): Mark {
  if (share >= 1) return { verdict: 'right', points: outOf, outOf, why };
  if (share <= 0) return { verdict: 'wrong', points: 0, outOf, why };
  return { verdict: 'partly', points: Math.min(toHalves(share * outOf), Math.max(0, outOf - 0.5)), outOf, why };
}

/** The mark for something that was left empty: no points. @param outOf points it could have earned */
export function emptyMark(outOf: number, why: Reason): Mark {
  return { verdict: 'empty', points: 0, outOf, why };
}

/** The mark for an answer that a person is still to mark: no points yet. @param outOf points it can earn */
export function unmarkedMark(outOf: number): Mark {
  return { verdict: 'unmarked', points: 0, outOf, why: { code: 'not-marked' } };
}

/**
 * The mark that a teacher gives in the place of another. Where there are no points to give, the answer stands as it did.
 * @param text the teacher's reason; may be ''
 */
export function givenMark(points: number, before: Mark, text: string): Mark {
  const { outOf } = before;
  const given = Math.min(points, outOf);
  const verdict = outOf === 0 ? before.verdict : given >= outOf ? 'right' : given > 0 ? 'partly' : 'wrong';
  return { verdict, points: given, outOf, why: { code: 'said', text }, byTeacher: true };
}

/** What some marks come to. */
export interface MarkSum {
  /** Points earned with what is marked by now. */
  readonly points: number;
  /** Points that could be earned with what is marked by now. */
  readonly outOf: number;
  /** How many answers are still to be marked by a person; they are in neither of the others. */
  readonly unmarked: number;
}

/** The one sum of marks, for whoever shows one: board, results, gradebook, students. */
export function sumOfMarks(marks: readonly Mark[]): MarkSum {
  const marked = marks.filter(({ verdict }) => verdict !== 'unmarked');
  return {
    points: marked.reduce((sum, { points }) => sum + points, 0),
    outOf: marked.reduce((sum, { outOf }) => sum + outOf, 0),
    unmarked: marks.length - marked.length,
  };
}

/** Points rounded to halves, so that partial credit reads like a teacher's. */
function toHalves(points: number): number {
  return Math.round(points * 2) / 2;
}
