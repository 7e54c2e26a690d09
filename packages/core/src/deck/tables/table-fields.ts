/**
 * The fields of a table that hold its rows, its columns and its cells. Each is a field of its own, so that authors who
 * work in one table at once never lose what the other did.
 */

/** A row or a column: its place among the others, as a fractional rank, and how much of the table it takes up. */
export interface TableLine {
  readonly rank: string;
  /** In shares of all rows, or of all columns. */
  readonly size: number;
}

/** Which way a line of a table runs. */
export type TableAxis = 'row' | 'column';

/** The fields that hold a table's rows, columns and cells. */
export type LineField = `${TableAxis}:${string}`;
/** The field of a cell: `cell:`, the id of its row, `:`, the id of its column. */
export type CellField = `cell:${string}`;

/** Which lines of a table say what the others are about: its first row, its first column, both, none. */
export const tableHeadings = ['none', 'row', 'column', 'both'] as const;
/** Which lines of a table say what the others are about. */
export type TableHeadings = (typeof tableHeadings)[number];

const LINE = /^(row|column):[\w-]{1,40}$/;
const CELL = /^cell:[\w-]{1,40}:[\w-]{1,40}$/;

/** Whether a field is a row or a column. */
export function isLineField(name: string): name is LineField {
  return LINE.test(name);
}

/** Whether a field is a cell. */
export function isCellField(name: string): name is CellField {
  return CELL.test(name);
}

/** The field of a row or column. */
export function lineField(axis: TableAxis, id: string): LineField {
  return `${axis}:${id}`;
}

/** The field of the cell where a row and a column cross. */
export function cellField(rowId: string, columnId: string): CellField {
  return `cell:${rowId}:${columnId}`;
}
