/** How reliable a set of questions is. */
import { varianceOf } from './correlation.js';

/**
 * Cronbach's alpha (Cronbach 1951, Psychometrika 16, 297–334) of students × questions; `null` for fewer than two
 * questions or students, or when all have the same sum. With questions marked 0 or 1 it is KR-20.
 */
export function cronbachAlpha(scores: readonly (readonly number[])[]): number | null {
  const questions = scores[0]?.length ?? 0;
  if (scores.length < 2 || questions < 2) return null;
  const sums = varianceOf(scores.map((row) => row.reduce((sum, score) => sum + score, 0)));
  if (!(sums > 1e-12)) return null;
  const alone = Array.from({ length: questions }, (_, at) => varianceOf(scores.map((row) => row[at] ?? 0)));
  return (questions / (questions - 1)) * (1 - alone.reduce((sum, one) => sum + one, 0) / sums);
}
