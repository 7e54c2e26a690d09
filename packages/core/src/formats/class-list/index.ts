/** Class lists as schools have them: typed or pasted lines, or a CSV file with or without headings. */
import Papa from 'papaparse';
import { cutText } from '../../deck/index.js';

/** A student of a list; the group is '' where there is none. */
export interface ListedStudent {
  readonly name: string;
  readonly group: string;
}

/** The most students a list gives, and letters of a name and of a group. */
export const listLimits = { students: 400, name: 80, group: 40 } as const;

const headings = {
  first: /^(first|given|fore|christian)[ _-]?names?$|^first$/i,
  family: /^(family|last|sur|second)[ _-]?names?$|^surname$|^last$/i,
  whole: /^(name|student|pupil|full[ _-]?name)s?$/i,
  group: /^(group|team|table|set)s?$/i,
} as const;

/**
 * Reads a class list. With a row of headings the columns are found by them; without one the first column is the name
 * and the second, if any, the group. Names are left as the school writes them, but for space around them.
 */
export function readClassList(text: string): readonly ListedStudent[] {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    delimitersToGuess: [',', ';', '\t', '|'],
    skipEmptyLines: 'greedy',
  });
  const rows = data.map((row) => row.map((cell) => cell.replace(/\s+/g, ' ').trim()));
  const read = columnsBy(rows[0] ?? []);
  const students = (read ? rows.slice(1) : rows).map(read ?? plainRow);
  return students
    .filter(({ name }) => name !== '')
    .slice(0, listLimits.students)
    .map(({ name, group }) => ({ name: cutText(name, listLimits.name), group: cutText(group, listLimits.group) }));
}

function plainRow([name = '', group = '']: readonly string[]): ListedStudent {
  return { name, group };
}

/** How rows are read under a row of headings; `null` when it is none. */
function columnsBy(titles: readonly string[]): ((row: readonly string[]) => ListedStudent) | null {
  const at = (heading: RegExp) => titles.findIndex((title) => heading.test(title));
  const [first, family, whole, group] = [
    at(headings.first),
    at(headings.family),
    at(headings.whole),
    at(headings.group),
  ];
  if (first < 0 && family < 0 && whole < 0) return null;
  const cell = (row: readonly string[], place: number) => (place < 0 ? '' : (row[place] ?? ''));
  return (row) => ({
    name:
      first >= 0 || family >= 0
        ? [cell(row, first), cell(row, family)].filter(Boolean).join(' ') || cell(row, whole)
        : cell(row, whole),
    group: cell(row, group),
  });
}
