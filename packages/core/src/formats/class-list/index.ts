/** Class lists as schools have them: typed or pasted lines, or a CSV file with or without headings. */
import Papa from 'papaparse';
import { cutText, storableText } from '../../deck/index.js';
import { columnsByHeadings, isNumbering, plainColumns, type SecondColumn, secondColumnOf } from './columns.js';
import type { ListedStudent } from './listed-student.js';

export type { SecondColumn } from './columns.js';
export type { ListedStudent } from './listed-student.js';

/** What is to be said of a line beside the student it gives: it is a row of headings, or it gives nobody, or not whole. */
export type LineNote = 'headings' | 'no-name' | 'cut' | 'same-name' | 'too-many';

/** What was understood of one line. */
export interface ListedLine {
  /** Counted from 1, in the text as it was given. */
  readonly line: number;
  readonly text: string;
  readonly student: ListedStudent | null;
  readonly note: LineNote | null;
}

/** A class list as it was understood. */
export interface ClassList {
  readonly students: readonly ListedStudent[];
  /** Every line that is not empty. */
  readonly lines: readonly ListedLine[];
  /** What the second column was taken for; `null` where there is none, or headings say so. */
  readonly second: SecondColumn | null;
}

/** The most students a list gives, and letters of a name and of a group. */
const listLimits = { students: 400, name: 80, group: 40 } as const;

const SEPARATORS = ['\t', ';', ',', '|'] as const;

interface Row {
  readonly line: number;
  readonly text: string;
  readonly cells: readonly string[];
}

/**
 * Reads a class list. With a row of headings the columns are found by them; without one the first column is the name,
 * and the second, if any, the group or the first name: whichever fits the whole list better, unless it is said. Names are
 * left as the school writes them, but for space around them. Every line is read by itself, so that an odd one spoils no other.
 */
export function readClassList(text: string, said: SecondColumn | null = null): ClassList {
  const rows = rowsIn(storableText(text));
  const headed = columnsByHeadings(rows[0]?.cells ?? []);
  const numbered = headed === null && isNumbering(rows.map(({ cells }) => cells));
  const bare = numbered ? rows.map((row) => ({ ...row, cells: row.cells.slice(1) })) : rows;
  const seems = headed === null ? secondColumnOf(bare.map(({ cells }) => cells)) : null;
  const second = seems && (said ?? seems);
  const columns = headed ?? plainColumns(second);
  const lines: ListedLine[] = [];
  const known = new Set<string>();
  let count = 0;
  for (const { line, text: written, cells } of bare) {
    if (headed && lines.length === 0) {
      lines.push({ line, text: written, student: null, note: 'headings' });
      continue;
    }
    const found = columns(cells);
    const isCut = found.name.length > listLimits.name || found.group.length > listLimits.group;
    const student = { name: cutText(found.name, listLimits.name), group: cutText(found.group, listLimits.group) };
    if (student.name === '' || count >= listLimits.students) {
      lines.push({ line, text: written, student: null, note: student.name === '' ? 'no-name' : 'too-many' });
      continue;
    }
    const note = isCut ? 'cut' : known.has(student.name.toLowerCase()) ? 'same-name' : null;
    known.add(student.name.toLowerCase());
    count += 1;
    lines.push({ line, text: written, student, note });
  }
  return { students: lines.flatMap(({ student }) => student ?? []), lines, second };
}

/** The lines that are not empty, each in its cells. */
function rowsIn(text: string): readonly Row[] {
  const written = text.replace(/^\uFEFF/, '').split(/\r\n|\r|\n/);
  const separator = separatorOf(written);
  return written.flatMap((line, at) => {
    const cells = cellsOf(line, separator).map((cell) => cell.replace(/\s+/g, ' ').trim());
    return cells.every((cell) => cell === '') ? [] : [{ line: at + 1, text: line.trim(), cells }];
  });
}

/** The separator that stands in most lines; where several do, the one that is least often part of a name. */
function separatorOf(lines: readonly string[]): string {
  const inLines = (separator: string) => lines.filter((line) => line.includes(separator)).length;
  const most = Math.max(...SEPARATORS.map(inLines));
  return SEPARATORS.find((separator) => inLines(separator) === most) ?? ',';
}

/** The cells of one line; quotation marks that enclose no cell are part of what is written. */
function cellsOf(line: string, separator: string): readonly string[] {
  const { data, errors } = Papa.parse<string[]>(line, { delimiter: separator });
  return errors.some(({ type }) => type === 'Quotes') ? line.split(separator) : (data[0] ?? []);
}
