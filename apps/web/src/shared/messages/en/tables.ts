/** Words about tables. */
import type { TableAxis, TableHeadings } from '@gobrel/core/deck';
import { many } from './phrases';

export const tables = {
  /** Where one is in a table; counted from 1. */
  at: (row: number, column: number) => `Row ${row}, column ${column}`,
  typingIn: (label: string, row: number, column: number) => `Typing in: ${label}, row ${row}, column ${column}`,
  lines: { row: 'Rows', column: 'Columns' } as Readonly<Record<TableAxis, string>>,
  add: {
    row: { before: 'Row above', after: 'Row below' },
    column: { before: 'Column left', after: 'Column right' },
  },
  /** The same in short, where it stands beside what it is about. */
  beside: { row: { before: 'above', after: 'below' }, column: { before: 'left', after: 'right' } },
  move: {
    row: { before: 'Move the row up', after: 'Move the row down' },
    column: { before: 'Move the column left', after: 'Move the column right' },
  },
  remove: { row: 'Remove the row', column: 'Remove the column' } as Readonly<Record<TableAxis, string>>,
  even: { row: 'Rows of one height', column: 'Columns of one width' } as Readonly<Record<TableAxis, string>>,
  border: { row: (at: number) => `Border below row ${at}`, column: (at: number) => `Border after column ${at}` },
  headings: 'Headings',
  headingsAre: { none: 'none', row: 'first row', column: 'first column', both: 'both' } as Readonly<
    Record<TableHeadings, string>
  >,
  headingFill: 'Ground of headings',
  headingColor: 'Letters of headings',
  zones: 'Cells as zones',
  turn: 'Cells',
  turns: { empty: 'empty ones', all: 'all but headings' },
  turnHint: {
    empty: 'Pieces can lie where nothing is written.',
    all: 'Each line that is written in them becomes a piece that belongs there. The pieces lie mixed beside the table.',
  },
  make: (count: number) => `Make ${many(count, 'zone', 'zones')}`,
  noneToTurn: 'No cell is empty.',
  tooMany: (most: number) => `More than ${most} zones or pieces. Take a smaller table.`,
  turned: 'Turn the table straight first.',
} as const;
