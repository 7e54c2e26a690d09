/** The gradebook: everybody's results over several lessons, and their averages. */
import type { MarkSum } from '../questions/index.js';

/** What somebody earned in a lesson; `null` when they submitted nothing. */
export type Result = MarkSum;

/** A lesson of the gradebook, with results by student. */
export interface GradedLesson {
  readonly id: string;
  readonly title: string;
  /** ISO 8601. */
  readonly openedAt: string;
  readonly results: Readonly<Record<string, Result>>;
}

/** A share of the points, from 0 to 1; `null` where there is nothing to earn. */
export function shareOf(result: Result | undefined): number | null {
  return result && result.outOf > 0 ? result.points / result.outOf : null;
}

/** The mean of shares; lessons in which somebody earned nothing yet do not count. `null` when none counts. */
export function meanShare(shares: readonly (number | null)[]): number | null {
  const known = shares.filter((share) => share !== null);
  return known.length === 0 ? null : known.reduce((sum, share) => sum + share, 0) / known.length;
}

/** A student's mean share over lessons, from 0 to 1, each counting the same; `null` when none counts. */
export function meanOfStudent(lessons: readonly GradedLesson[], studentId: string): number | null {
  return meanShare(lessons.map(({ results }) => shareOf(results[studentId])));
}

/** The mean share of everybody in a lesson, from 0 to 1; `null` when nobody's counts. */
export function meanOfLesson({ results }: GradedLesson): number | null {
  return meanShare(Object.values(results).map(shareOf));
}

/** How many students lie in each fifth of the points, from the lowest. */
export function spreadOf(lesson: GradedLesson): readonly number[] {
  const shares = Object.values(lesson.results).flatMap((result) => shareOf(result) ?? []);
  return [0, 1, 2, 3, 4].map((fifth) => shares.filter((share) => Math.min(4, Math.floor(share * 5)) === fifth).length);
}
