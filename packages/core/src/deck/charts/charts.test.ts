/** Charts: reading figures, and what a table says. */
import { DeckBuilder } from '../../testing/index.js';
import { applyChanges } from '../model/change.js';
import { plainText } from '../text/rich-text.js';
import { addTable, tableOfSize } from '../commands/index.js';
import { cellsOf } from '../tables/index.js';
import type { TableItem } from '../model/item.js';
import { chartFigures, readFigure } from './index.js';

test.each([
  ['12', 12],
  ['-3', -3],
  ['−3.5', -3.5],
  ['3,5', 3.5],
  ['0,125', 0.125],
  ['12,500', 12_500],
  ['1.234,5', 1234.5],
  ['1,234.5', 1234.5],
  ['1 234', 1234],
  ["1'234", 1234],
  ['1,234,567', 1_234_567],
  ['12 %', 12],
  ['€ 4.50', 4.5],
  ['30 °C', 30],
  ['', null],
  ['none', null],
  ['2 of 3', null],
  ['May 3, 2024 at noon', null],
])('%s is %s', (words, figure) => {
  expect(readFigure(words)).toBe(figure);
});

test('whole numbers are read as they are written, whatever their size', () => {
  for (let figure = -2_000_000; figure < 2_000_000; figure += 7919) {
    expect(readFigure(String(figure))).toBe(figure);
    expect(readFigure(figure.toLocaleString('en'))).toBe(figure);
    expect(readFigure(figure.toLocaleString('de-CH'))).toBe(figure);
  }
});

const tableOf = (rows: readonly (readonly string[])[], headings = 'row'): TableItem => {
  const { deck } = new DeckBuilder().slide('creek');
  const made = applyChanges(deck, addTable(deck, 'birds', 'creek', tableOfSize(rows.length, rows[0]?.length ?? 1)));
  const table = made.items['birds'];
  if (table?.kind !== 'table') throw new Error('no table');
  const cells = cellsOf(table).map(({ field, row, column }) => [field, plainText(rows[row]?.[column] ?? '')] as const);
  const filled = applyChanges(made, [
    { type: 'set-item', id: 'birds', fields: { ...Object.fromEntries(cells), headings } },
  ]).items['birds'];
  if (filled?.kind !== 'table') throw new Error('no table');
  return filled;
};

test('the first column names, the first row heads, and columns without figures are left out', () => {
  const figures = chartFigures(
    tableOf([
      ['Month', 'Curlews', 'Seen by', 'Dunlins'],
      ['March', '12', 'Odile', '40'],
      ['April', '30 birds', 'Nadia', ''],
    ]),
  );
  expect(figures).toEqual({
    heading: 'Month',
    names: ['March', 'April'],
    series: [
      { name: 'Curlews', figures: [12, 30], said: ['12', '30 birds'] },
      { name: 'Dunlins', figures: [40, null], said: ['40', ''] },
    ],
  });
});

test('a first row of words heads, though nobody said so; one of figures does not', () => {
  const rows = [
    ['Tide', 'Height'],
    ['High', '3.2'],
  ];
  expect(chartFigures(tableOf(rows, 'none')).names).toEqual(['High']);
  expect(chartFigures(tableOf(rows.slice(1), 'none')).names).toEqual(['High']);
});

test('a single column is a series, its rows counted', () => {
  expect(chartFigures(tableOf([['4'], ['5']], 'none'))).toEqual({
    heading: '',
    names: ['1', '2'],
    series: [{ name: '', figures: [4, 5], said: ['4', '5'] }],
  });
});

test('an empty table has no figures', () => {
  expect(
    chartFigures(
      tableOf([
        ['', ''],
        ['', ''],
      ]),
    ).series,
  ).toEqual([]);
});
