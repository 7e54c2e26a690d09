/** How the questions did in results that came out of a file. */
import { analyseScores, type SetFigures } from '../../questions/index.js';
import type { ResultsTable } from './results-table.js';

/** Figures for the questions of a table that are marked; they go by the place of their question. */
export function analyseResults({ questions, rows }: ResultsTable): SetFigures {
  const marked = questions.flatMap(({ outOf }, at) => (outOf === null ? [] : [{ itemId: String(at), outOf, at }]));
  return analyseScores(
    marked,
    rows.map(({ points }) => marked.map(({ at }) => points[at] ?? null)),
  );
}
