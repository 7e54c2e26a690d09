/** The cell of a table that one is at. */
import { type Cell, cellAt, cellsOf, plainText, setItemFields, type TableItem } from '@gobrel/core/deck';
import type { Point } from '@gobrel/core/geometry';
import { textFragment } from '@gobrel/core/shared-doc';
import { typeInField, useDesk } from '../state/desk';
import type { Editing } from '../state/editing';

/** The cell of a table that was pressed or typed in last, else its first one. */
export function currentCell(table: TableItem, cell = useDesk.getState().cell): Cell {
  const cells = cellsOf(table);
  const pressed = cell?.itemId === table.id ? cells.find(({ field }) => field === cell.field) : undefined;
  const at = pressed ?? cells[0];
  // A table has a row and a column at the least.
  if (!at) throw new Error(`Table ${table.id} has no cells.`);
  return at;
}

/** Begins typing in a cell. */
export function typeInCell({ deck, doc, run }: Editing, table: TableItem, field: Cell['field']): void {
  // Where a row and a column cross that two people added at once, nothing has been written yet.
  if (!textFragment(doc, table.id, field)) run(setItemFields(deck, table.id, { [field]: plainText('') }));
  typeInField(table.id, field);
}

/**
 * Goes to the cell that was pressed; who types in a table goes on typing there.
 * @param at of the slide, in slide units
 */
export function pressCell(editing: Editing, table: TableItem, at: Point, isTyping: boolean): void {
  const cell = cellAt(table, at);
  if (!cell) return;
  if (isTyping) typeInCell(editing, table, cell.field);
  else useDesk.setState({ cell: { itemId: table.id, field: cell.field } });
}
