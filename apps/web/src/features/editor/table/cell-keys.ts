/** Keys that lead from cell to cell while one types in a table. */
import {
  addTableLine,
  applyChanges,
  cellBeside,
  type CellField,
  cellsOf,
  type ItemId,
  linesOf,
} from '@gobrel/core/deck';
import type { Editing } from '../state/editing';
import { typeInCell } from './current-cell';

/** Takes Tab to the next cell, with Shift to the one before; beyond the last one begins a new row. */
export function cellKey(event: KeyboardEvent, editing: Editing, id: ItemId, field: CellField): boolean {
  const table = editing.deck.items[id];
  if (event.key !== 'Tab' || table?.kind !== 'table') return false;
  event.preventDefault();
  if (!cellsOf(table).some((cell) => cell.field === field)) return true;
  const next = cellBeside(table, field, event.shiftKey ? -1 : 1);
  if (next) typeInCell(editing, table, next);
  else if (!event.shiftKey) beginRow(editing, id);
  return true;
}

function beginRow(editing: Editing, id: ItemId): void {
  const table = editing.deck.items[id];
  const changes = addTableLine(editing.deck, id, 'row', table?.kind === 'table' ? linesOf(table, 'row').length : 0);
  editing.run(changes);
  const grown = applyChanges(editing.deck, changes).items[id];
  const first = grown?.kind === 'table' ? cellsOf(grown).findLast(({ column }) => column === 0) : undefined;
  if (changes.length > 0 && grown?.kind === 'table' && first) typeInCell(editing, grown, first.field);
}
