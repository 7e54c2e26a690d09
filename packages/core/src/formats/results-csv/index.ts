/** Results as a table: a row for each student, and for each question what was given and its points (RFC 4180). */
import Papa from 'papaparse';
import { type Deck, type Item, itemsOf, nameOf, slidesInOrder, storableText } from '../../deck/index.js';
import { givenFor, isQuestion, type Marks } from '../../questions/index.js';
import type { Work } from '../../work/index.js';
import type { Loss } from '../loss.js';
import type { ResultsTable } from './results-table.js';

export { analyseResults } from './analyse-results.js';
export type { ResultsTable } from './results-table.js';

/** What a student did and earned. */
export interface StudentResult {
  readonly student: string;
  readonly work: Work;
  readonly marks: Marks;
}

const STUDENT = 'student';
const TOTAL = 'points';
const OUT_OF = 'out of';
const largest = 5_000_000;

/** The results of a lesson. */
export function resultsTable(edition: Deck, results: readonly StudentResult[]): ResultsTable {
  const items = slidesInOrder(edition).flatMap(({ id }) =>
    itemsOf(edition, id).filter((item) => isQuestion(item) && !item.hidden),
  );
  // What a person is still to mark has no points yet, for nobody: it is left blank.
  const marked = (marks: Marks, item: Item) => {
    const mark = marks.items[item.id];
    return mark?.verdict === 'unmarked' ? undefined : mark;
  };
  const outOf = (item: Item) =>
    results.map(({ marks }) => marked(marks, item)?.outOf).find((each) => each !== undefined);
  return {
    questions: items.map((item, at) => ({ name: nameOf(item) || `question ${at + 1}`, outOf: outOf(item) ?? null })),
    rows: results.map(({ student, work, marks }) => ({
      student,
      given: items.map((item) => givenFor(item, work, edition)),
      points: items.map((item) => marked(marks, item)?.points ?? null),
    })),
  };
}

/** Writes results; cells that a program could take for formulas are marked by an apostrophe. */
export function writeResultsCsv({ questions, rows }: ResultsTable): string {
  const numbered = questions.map(({ name }, at) => `${at + 1}. ${name}`);
  const fields = [STUDENT, ...numbered.flatMap((name) => [name, `${name} (${TOTAL})`]), TOTAL];
  const data = rows.map(({ student, given, points }) => [
    student,
    ...given.flatMap((words, at) => [words, points[at] ?? '']),
    points.reduce<number>((sum, each) => sum + (each ?? 0), 0),
  ]);
  const most = questions.flatMap(({ outOf }) => ['', outOf ?? '']);
  const total = questions.reduce((sum, { outOf }) => sum + (outOf ?? 0), 0);
  return Papa.unparse({ fields, data: [[OUT_OF, ...most, total], ...data] }, { escapeFormulae: true });
}

/** Reads results that were written here, or why not. */
export function readResultsCsv(text: string): { readonly table: ResultsTable } | { readonly why: Loss } {
  if (text.length > largest) return { why: { code: 'results-too-large' } };
  const { data } = Papa.parse<string[]>(storableText(text.replace(/^\ufeff/, '')), { skipEmptyLines: 'greedy' });
  const [head = [], most = [], ...rows] = data;
  if (head[0] !== STUDENT || head.at(-1) !== TOTAL || head.length % 2 !== 0 || most[0] !== OUT_OF)
    return { why: { code: 'no-results' } };
  const places = Array.from({ length: (head.length - 2) / 2 }, (_, at) => 1 + 2 * at);
  const number = (cell: string | undefined) =>
    cell === undefined || cell.trim() === '' || !Number.isFinite(Number(cell)) ? null : Number(cell);
  const words = (cell: string | undefined) => (cell ?? '').replace(/^'(?=[=+\-@\t\r])/, '');
  return {
    table: {
      questions: places.map((at) => ({ name: (head[at] ?? '').replace(/^\d+\. /, ''), outOf: number(most[at + 1]) })),
      rows: rows.map((row) => ({
        student: words(row[0]),
        given: places.map((at) => words(row[at])),
        points: places.map((at) => number(row[at + 1])),
      })),
    },
  };
}
