/** The gradebook as CSV (RFC 4180): a row a student, a column for the points of each lesson and what they are out of. */
import Papa from 'papaparse';
import { type GradedLesson, meanOfStudent } from '../../review/index.js';

interface Gradebook {
  readonly students: readonly { readonly id: string; readonly name: string }[];
  readonly lessons: readonly GradedLesson[];
}

/** Headings, in the reader's language. */
interface Headings {
  readonly student: string;
  readonly average: string;
}

/** Writes a gradebook; the average is a share in per cents. Cells that a spreadsheet would calculate are made plain. */
export function gradebookCsv({ students, lessons }: Gradebook, { student, average }: Headings): string {
  const titles = lessons.flatMap(({ title, openedAt }) => [`${title} (${openedAt.slice(0, 10)})`, '/']);
  const rows = students.map(({ id, name }) => {
    const mean = meanOfStudent(lessons, id);
    const results = lessons.flatMap(({ results: all }) => [all[id]?.points ?? '', all[id]?.outOf ?? '']);
    return [name, ...results, mean === null ? '' : Math.round(mean * 1000) / 10];
  });
  return Papa.unparse([[student, ...titles, average], ...rows], { escapeFormulae: true });
}
