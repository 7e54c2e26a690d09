/** Tab in a table. */
import { applyChanges, type CellField, cellsOf, type Change, type Deck, type TableItem } from '@gobrel/core/deck';
import { DeckBuilder } from '@gobrel/core/testing';
import type { Editing } from '../state/editing';
import { cellKey } from './cell-keys';
import { typeInCell } from './current-cell';

jest.mock('./current-cell', () => ({ typeInCell: jest.fn() }));
const typed = jest.mocked(typeInCell);
beforeEach(() => typed.mockClear());

const deck = new DeckBuilder().slide('tides').item('table', 'table').item('shape', 'shape').deck;
const tableIn = (of: Deck): TableItem => {
  const table = of.items['table'];
  if (table?.kind !== 'table') throw new Error('no table');
  return table;
};
const fields = cellsOf(tableIn(deck)).map(({ field }) => field);
const [first, second] = fields as [CellField, CellField];
const last = fields.at(-1) ?? first;

/** Presses a key in a cell; says what was written, where one types then, and whether the key was taken. */
function press(key: string, field: CellField, { shiftKey = false, id = 'table' } = {}) {
  const written: Change[] = [];
  const preventDefault = jest.fn();
  const editing = { deck, run: (changes: readonly Change[]) => void written.push(...changes) } as Editing;
  const taken = cellKey({ key, shiftKey, preventDefault } as unknown as KeyboardEvent, editing, id, field);
  return { taken, written, prevented: preventDefault.mock.calls.length > 0, to: typed.mock.calls.at(-1)?.[2] };
}

test('Tab goes to the next cell, with Shift to the one before', () => {
  expect(press('Tab', first)).toMatchObject({ taken: true, prevented: true, to: second, written: [] });
  expect(press('Tab', second, { shiftKey: true })).toMatchObject({ taken: true, to: first });
});

test('beyond the last cell a new row begins, and its first cell is typed in', () => {
  const { written, to } = press('Tab', last);
  const grown = cellsOf(tableIn(applyChanges(deck, written)));
  expect(grown.length).toBeGreaterThan(fields.length);
  expect(to).toBe(grown.findLast(({ column }) => column === 0)?.field);
  expect(fields).not.toContain(to);
});

test('before the first cell there is nothing: Tab stays, and the table as it was', () => {
  expect(press('Tab', first, { shiftKey: true })).toMatchObject({ taken: true, prevented: true, written: [] });
  expect(typed).not.toHaveBeenCalled();
});

test('a cell that somebody else has just taken away leads nowhere', () => {
  expect(press('Tab', 'cell:gone:gone')).toMatchObject({ taken: true, written: [] });
  expect(typed).not.toHaveBeenCalled();
});

test('other keys, and Tab in what is no table, are somebody else’s', () => {
  expect(press('Enter', first)).toMatchObject({ taken: false, prevented: false });
  expect(press('Tab', first, { id: 'shape' })).toMatchObject({ taken: false, prevented: false });
});
