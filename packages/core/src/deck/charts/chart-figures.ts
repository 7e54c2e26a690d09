/** The figures of a chart, out of the table that it follows. */
import type { TableItem } from '../model/item.js';
import { cellsOf, linesOf } from '../tables/table.js';
import { lettersOf } from '../text/rich-text.js';
import type { ChartFigures, ChartSeries } from './figures.js';
import { readFigure } from './read-figure.js';

/** The most figures of a row of names, and the most of those: more cannot be told apart. */
export const MOST_SERIES = 6;

/**
 * Reads a table: its first column names what is in each row, and every other column with a figure in it is a series. A table
 * of one column has its rows' numbers for names. The first row heads the columns where it is said to, or where it holds no
 * figure while the next one does.
 */
export function chartFigures(table: TableItem): ChartFigures {
  const rows = wordsByRow(table);
  const [first = [], second = []] = rows;
  const figuresIn = (row: readonly string[]) => row.slice(1).filter((words) => readFigure(words) !== null).length;
  const headsColumns =
    table.headings === 'row' || table.headings === 'both' || (figuresIn(first) === 0 && figuresIn(second) > 0);
  const heads = headsColumns ? first : [];
  const body = (headsColumns ? rows.slice(1) : rows).filter((row) => row.some((words) => words !== ''));
  const isAlone = (first.length || 1) === 1;
  const columns = isAlone ? [0] : first.map((_, at) => at).slice(1);
  const series = columns
    .map((at): ChartSeries => {
      const said = body.map((row) => row[at] ?? '');
      return { name: heads[at] ?? '', figures: said.map(readFigure), said };
    })
    .filter(({ figures }) => figures.some((figure) => figure !== null))
    .slice(0, MOST_SERIES);
  return {
    heading: isAlone ? '' : (heads[0] ?? ''),
    names: body.map((row, at) => (isAlone ? String(at + 1) : (row[0] ?? ''))),
    series,
  };
}

function wordsByRow(table: TableItem): readonly (readonly string[])[] {
  const rows = linesOf(table, 'row').map((): string[] => []);
  for (const { row, column, text } of cellsOf(table)) {
    const words = rows[row];
    if (words) words[column] = lettersOf(text).replaceAll(/\s+/g, ' ').trim();
  }
  return rows;
}

/** Whether there is anything to be drawn. */
export function hasFigures({ series }: ChartFigures): boolean {
  return series.length > 0;
}
