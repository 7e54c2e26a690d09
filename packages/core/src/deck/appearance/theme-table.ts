/** How a theme draws tables. */
import { readFields, readNumber, readOneOf } from '../model/reading.js';
import { readColour } from './colour.js';

/** Which lines a table has: all, those between rows, none, a gap around every cell, or thick and thin ones as in print. */
export const tableRules = ['grid', 'rows', 'none', 'gaps', 'press'] as const;

/** Which lines a table has. */
export type TableRules = (typeof tableRules)[number];

/** How a theme draws tables; colours by name or as `#rrggbb`, lengths in slide units. */
export interface TableLook {
  readonly headFill: string;
  readonly headWords: string;
  readonly ground: string;
  /** Ground of every second row; `transparent` for none. */
  readonly stripe: string;
  readonly line: string;
  readonly weight: number;
  readonly rules: TableRules;
}

/** What a theme decides of a table, by the table's own names. */
export const tableProperties = ['fill', 'headingFill', 'headingColor', 'outline', 'outlineWidth', 'dash'] as const;

/** Something that a theme decides of a table. */
export type TableProperty = (typeof tableProperties)[number];

/** The tables of a theme from untrusted JSON; `null` for a theme that says nothing of them. */
export function readTableLook(value: unknown): TableLook | null {
  const fields = readFields(value);
  return (
    fields && {
      headFill: readColour(fields['headFill'], 'words'),
      headWords: readColour(fields['headWords'], 'ground'),
      ground: readColour(fields['ground'], 'ground'),
      stripe: readColour(fields['stripe'], 'transparent'),
      line: readColour(fields['line'], 'words'),
      weight: readNumber(fields['weight'], 2, 0, 40),
      rules: readOneOf(fields['rules'], tableRules, 'grid'),
    }
  );
}
