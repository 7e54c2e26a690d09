/** Tables: where their rows, columns and cells lie, and reading them. */
import { type Box, centreOf, type Point, turnPoint } from '../../geometry/index.js';
import type { TableItem } from '../model/item.js';
import { isRank } from '../model/rank.js';
import { type Fields, readFields, readNumber } from '../model/reading.js';
import { plainText, readRichText, type RichText } from '../text/rich-text.js';
import {
  cellField,
  type CellField,
  isLineField,
  lineField,
  type LineField,
  type TableAxis,
  type TableHeadings,
  type TableLine,
} from './table-fields.js';

/** The most rows, and the most columns. */
export const MOST_LINES = 30;

/** A row or column where it lies. */
export interface PlacedLine extends TableLine {
  readonly id: string;
  /** Where it begins, in slide units from the table's top or left. */
  readonly from: number;
  /** How far it reaches from there, in slide units. */
  readonly length: number;
}

/** A cell where it lies. */
export interface Cell {
  readonly field: CellField;
  readonly rowId: string;
  readonly columnId: string;
  /** Counted from 0. */
  readonly row: number;
  /** Counted from 0. */
  readonly column: number;
  /** In slide units, from the table's top left corner. */
  readonly box: Box;
  /** Whether it heads a row, a column, or (in the corner of both) either. */
  readonly heads: TableHeadings;
  readonly text: RichText;
}

/** A table's rows from the top, or its columns from the left. */
export function linesOf(table: TableItem, axis: TableAxis): readonly PlacedLine[] {
  const lines = Object.entries(table)
    .flatMap(([name, value]) =>
      name.startsWith(`${axis}:`) ? [{ id: name.slice(axis.length + 1), ...lineIn(value) }] : [],
    )
    .sort((a, b) => (a.rank === b.rank ? (a.id < b.id ? -1 : 1) : a.rank < b.rank ? -1 : 1));
  const all = lines.reduce((sum, { size }) => sum + size, 0);
  const side = axis === 'row' ? table.frame.height : table.frame.width;
  let from = 0;
  return lines.map((line) => {
    const length = (line.size / all) * side;
    from += length;
    return { ...line, from: from - length, length };
  });
}

// A table’s lines are read by `readTableFields`, under names that say that they are lines.
// eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
const lineIn = (value: unknown): TableLine => value as TableLine;

/** A table's cells, row by row. */
export function cellsOf(table: TableItem): readonly Cell[] {
  const columns = linesOf(table, 'column');
  return linesOf(table, 'row').flatMap((row, rowAt) =>
    columns.map((column, columnAt): Cell => {
      const field = cellField(row.id, column.id);
      return {
        field,
        rowId: row.id,
        columnId: column.id,
        row: rowAt,
        column: columnAt,
        box: { x: column.from, y: row.from, width: column.length, height: row.length },
        heads: headsAt(table.headings, rowAt, columnAt),
        text: table[field] ?? EMPTY_CELL,
      };
    }),
  );
}

/** The text of a cell that nobody has written in. */
export const EMPTY_CELL = plainText('');

/** The cell at a point of the slide, turned with its table; `null` beside the table. */
export function cellAt(table: TableItem, point: Point): Cell | null {
  const { x, y, rotation } = table.frame;
  const unturned = turnPoint(point, centreOf(table.frame), -rotation);
  const at = { x: unturned.x - x, y: unturned.y - y };
  return (
    cellsOf(table).find(
      ({ box }) => at.x >= box.x && at.x < box.x + box.width && at.y >= box.y && at.y < box.y + box.height,
    ) ?? null
  );
}

function headsAt(headings: TableHeadings, row: number, column: number): TableHeadings {
  // What stands in the first row heads a column, what stands in the first column heads a row.
  const headsColumn = row === 0 && (headings === 'row' || headings === 'both');
  const headsRow = column === 0 && (headings === 'column' || headings === 'both');
  if (headsColumn && headsRow) return 'both';
  return headsColumn ? 'column' : headsRow ? 'row' : 'none';
}

/** Rows, columns and cells from untrusted JSON; where it has no rows or no columns, the table has three of them. */
export function readTableFields(fields: Fields): Record<LineField, TableLine> & Record<CellField, RichText> {
  const rows = readLines(fields, 'row');
  const columns = readLines(fields, 'column');
  const cells = rows.flatMap(([row]) =>
    columns.map(([column]) => {
      const field = cellField(row.slice('row:'.length), column.slice('column:'.length));
      return [field, readRichText(fields[field])] as const;
    }),
  );
  return Object.assign(Object.fromEntries([...rows, ...columns]), Object.fromEntries(cells));
}

function readLines(fields: Fields, axis: TableAxis): readonly (readonly [LineField, TableLine])[] {
  const found = Object.keys(fields).flatMap((name): (readonly [LineField, TableLine])[] => {
    const value = readFields(fields[name]);
    if (!value || !isLineField(name) || !name.startsWith(`${axis}:`)) return [];
    const rank = typeof value['rank'] === 'string' && isRank(value['rank']) ? value['rank'] : 'a0';
    return [[name, { rank, size: readNumber(value['size'], 1, 0.001, 100_000) }]];
  });
  if (found.length === 0)
    return ['a0', 'a1', 'a2'].map((rank, at) => [lineField(axis, `${at + 1}`), { rank, size: 1 }]);
  return found.sort(([, a], [, b]) => (a.rank < b.rank ? -1 : 1)).slice(0, MOST_LINES);
}
