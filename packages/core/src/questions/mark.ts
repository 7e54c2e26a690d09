/** A mark: how many points an answer earned, and why, in words a teacher can read out. */

/** How an answer stands: nothing given yet, or right, partly right, wrong. */
export type Verdict = 'empty' | 'right' | 'partly' | 'wrong';

/** The mark for one item. */
export interface Mark {
  readonly verdict: Verdict;
  readonly points: number;
  readonly outOf: number;
  /** The reason, in a sentence. */
  readonly why: string;
}

/** A mark with its verdict read off the points. */
export function markOf(points: number, outOf: number, why: string): Mark {
  const verdict: Verdict = points >= outOf ? 'right' : points > 0 ? 'partly' : 'wrong';
  return { verdict, points, outOf, why };
}

/** The mark for something that was left empty. */
export function emptyMark(outOf: number, why: string): Mark {
  return { verdict: 'empty', points: 0, outOf, why };
}

/** Points rounded to halves, so that partial credit reads like a teacher's. */
export function toHalves(points: number): number {
  return Math.round(points * 2) / 2;
}
