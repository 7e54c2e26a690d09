/** Commands on tables: rows and columns come, go, move, and get another size; words become tables. */
import type { Frame } from '../../geometry/index.js';
import { applyChanges, type Change } from '../model/change.js';
import { type Deck, sizeOf } from '../model/deck.js';
import { type ItemId, newId, type SlideId } from '../model/identifiers.js';
import type { OwnFields, TableItem } from '../model/item.js';
import { rankAt, ranksBetween } from '../model/rank.js';
import { plainText, type RichText } from '../text/rich-text.js';
import { cellsOf, linesOf, MOST_LINES, type PlacedLine } from '../tables/table.js';
import { cellField, type CellField, lineField, type TableAxis } from '../tables/table-fields.js';
import { addItem, centredFrame } from './items.js';

/** The least length of a row or column, in slide units. */
const SHORTEST = 16;

/** The other way a line can run. */
const ACROSS = { row: 'column', column: 'row' } as const;
/** The side of a frame along which lines follow each other. */
const SIDE = { row: 'height', column: 'width' } as const;

function tableOf(deck: Deck, id: ItemId): TableItem | null {
  const item = deck.items[id];
  return item?.kind === 'table' ? item : null;
}

/** Height of a new row, in slide units. */
const ROW_HEIGHT = 72;

/** Places a table in the middle of a slide: an empty one, or one with rows, columns and cells of its own. */
export function addTable(deck: Deck, id: ItemId, slideId: SlideId, own: Partial<OwnFields<'table'>> = {}): Change[] {
  const fields = { byTheme: true, ...own };
  const made = addItem(deck, { id, slideId, kind: 'table', fields });
  const table = tableOf(applyChanges(deck, made), id);
  if (!table) return [];
  const slide = sizeOf(deck);
  const [rows, columns] = [linesOf(table, 'row').length, linesOf(table, 'column').length];
  const frame = centredFrame(deck, {
    width: columns > 4 ? slide.width * 0.9 : Math.min(table.frame.width, slide.width * 0.8),
    height: Math.min(rows * ROW_HEIGHT, slide.height * 0.85),
  });
  return addItem(deck, { id, slideId, kind: 'table', fields, frame });
}

/**
 * Adds an empty row or column at a place among the others, counted from 0. The table grows by it while the slide has room for that,
 * else the others make room. Nothing when there are as many as there can be.
 */
export function addTableLine(
  deck: Deck,
  id: ItemId,
  axis: TableAxis,
  at: number,
  createId: () => string = newId,
): Change[] {
  const table = tableOf(deck, id);
  if (!table) return [];
  const lines = linesOf(table, axis);
  const beside = lines[Math.min(Math.max(0, at - 1), lines.length - 1)];
  if (!beside || lines.length >= MOST_LINES) return [];
  const made = createId();
  const cells = linesOf(table, ACROSS[axis]).map((other) => [crossing(axis, made, other.id), plainText('')]);
  const line = { rank: rankAt(lines, at), size: beside.size };
  const grown = grownBy(table.frame, axis, beside.length);
  const frame = fitsOn(deck, grown) ? { frame: grown } : {};
  return [{ type: 'set-item', id, fields: { [lineField(axis, made)]: line, ...Object.fromEntries(cells), ...frame } }];
}

/** Takes a row or column away with what stands in it; the others keep their size. The last one stays. */
export function removeTableLine(deck: Deck, id: ItemId, axis: TableAxis, lineId: string): Change[] {
  const table = tableOf(deck, id);
  const lines = table ? linesOf(table, axis) : [];
  const line = lines.find((each) => each.id === lineId);
  if (!table || !line || lines.length < 2) return [];
  const cells = linesOf(table, ACROSS[axis]).map((other) => [crossing(axis, lineId, other.id), undefined]);
  const frame = grownBy(table.frame, axis, -line.length);
  return [
    { type: 'set-item', id, fields: { [lineField(axis, lineId)]: undefined, ...Object.fromEntries(cells), frame } },
  ];
}

/** Moves a row or column past as many others as `by` says: below 0 to the top or left. Nothing at the end of the table. */
export function moveTableLine(deck: Deck, id: ItemId, axis: TableAxis, lineId: string, by: number): Change[] {
  const table = tableOf(deck, id);
  const lines = table ? linesOf(table, axis) : [];
  const from = lines.findIndex((each) => each.id === lineId);
  const to = Math.min(lines.length - 1, Math.max(0, from + by));
  const line = lines[from];
  if (!line || to === from) return [];
  const others = lines.filter((each) => each !== line);
  return [
    { type: 'set-item', id, fields: { [lineField(axis, lineId)]: { rank: rankAt(others, to), size: line.size } } },
  ];
}

/**
 * Moves the border after a row or column: what the one gains, the next one loses. After the last one, the table gets
 * larger or smaller.
 * @param by in slide units, down or to the right
 */
export function moveTableBorder(deck: Deck, id: ItemId, axis: TableAxis, lineId: string, by: number): Change[] {
  const table = tableOf(deck, id);
  const lines = table ? linesOf(table, axis) : [];
  const at = lines.findIndex((each) => each.id === lineId);
  const [line, next] = [lines[at], lines[at + 1]];
  if (!table || !line) return [];
  const least = Math.min(0, SHORTEST - line.length);
  const most = next ? Math.max(0, next.length - SHORTEST) : Infinity;
  const way = Math.min(most, Math.max(least, by));
  if (way === 0) return [];
  const share = line.size / line.length;
  const resized = (each: PlacedLine, length: number) => ({ rank: each.rank, size: length * share });
  return [
    {
      type: 'set-item',
      id,
      fields: {
        [lineField(axis, lineId)]: resized(line, line.length + way),
        ...(next
          ? { [lineField(axis, next.id)]: resized(next, next.length - way) }
          : { frame: grownBy(table.frame, axis, way) }),
      },
    },
  ];
}

/** Makes all rows, or all columns, of one size. */
export function evenTableLines(deck: Deck, id: ItemId, axis: TableAxis): Change[] {
  const table = tableOf(deck, id);
  const lines = table ? linesOf(table, axis) : [];
  const [first] = lines;
  if (!first || lines.every(({ size }) => size === first.size)) return [];
  const fields = lines.map(({ id: lineId, rank }) => [lineField(axis, lineId), { rank, size: first.size }]);
  return [{ type: 'set-item', id, fields: Object.fromEntries(fields) }];
}

/** Makes a row at least so high, as the words in it need it, and the table with it; in slide units. */
export function growRow(table: TableItem, rowId: string, height: number): Change[] {
  const row = linesOf(table, 'row').find((each) => each.id === rowId);
  if (!row || height <= row.length) return [];
  const size = (row.size * height) / row.length;
  const frame = grownBy(table.frame, 'row', height - row.length);
  return [{ type: 'set-item', id: table.id, fields: { [lineField('row', rowId)]: { rank: row.rank, size }, frame } }];
}

function grownBy(frame: Frame, axis: TableAxis, by: number): Frame {
  return { ...frame, [SIDE[axis]]: frame[SIDE[axis]] + by };
}

function fitsOn(deck: Deck, { x, y, width, height }: Frame): boolean {
  const slide = sizeOf(deck);
  return x + width <= slide.width && y + height <= slide.height;
}

function crossing(axis: TableAxis, lineId: string, otherId: string): CellField {
  return axis === 'row' ? cellField(lineId, otherId) : cellField(otherId, lineId);
}

/** The cell before or after another one, in reading order; `null` beyond the ends. */
export function cellBeside(table: TableItem, field: CellField, by: 1 | -1): CellField | null {
  const cells = cellsOf(table);
  const at = cells.findIndex((cell) => cell.field === field);
  return at < 0 ? null : (cells[at + by]?.field ?? null);
}

/** The fields of an empty table. @param rows how many, 1 to 30, as of columns */
export function tableOfSize(rows: number, columns: number): Partial<OwnFields<'table'>> {
  const within = (count: number) => Math.min(MOST_LINES, Math.max(1, count));
  return tableWith(
    Array.from({ length: within(rows) }, () => []),
    within(columns),
  );
}

/** The fields of a table with these words in its cells, by rows. */
export function tableOfWords(rows: readonly (readonly string[])[]): Partial<OwnFields<'table'>> {
  return tableOfTexts(rows.map((row) => row.map((words) => plainText(words))));
}

/** The fields of a table with these texts in its cells, by rows. */
export function tableOfTexts(rows: readonly (readonly RichText[])[]): Partial<OwnFields<'table'>> {
  return tableWith(rows, Math.max(1, ...rows.map((row) => row.length)));
}

function tableWith(rows: readonly (readonly RichText[])[], columns: number): Partial<OwnFields<'table'>> {
  const lines = (axis: TableAxis, count: number) =>
    ranksBetween(null, null, count).map((rank, at) => [lineField(axis, `${at + 1}`), { rank, size: 1 }] as const);
  const cells = rows.flatMap((row, rowAt) =>
    row.map((text, columnAt) => [cellField(`${rowAt + 1}`, `${columnAt + 1}`), text] as const),
  );
  return Object.fromEntries([...lines('row', rows.length), ...lines('column', columns), ...cells]);
}

/**
 * What spreadsheets put on the clipboard, as the fields of a table: a row each line, cells between tabs, words in
 * quotation marks as they are. `null` when a text is not a table of at least two columns that a table has room for.
 */
export function tableFromText(text: string): Partial<OwnFields<'table'>> | null {
  const rows = readTabbed(text);
  const columns = Math.max(0, ...rows.map((row) => row.length));
  if (columns < 2 || rows.length > MOST_LINES || columns > MOST_LINES) return null;
  return tableOfWords(rows);
}

/** The rows of a text whose cells stand between tabs; a cell in quotation marks may hold tabs, lines and, doubled, marks. */
function readTabbed(text: string): readonly (readonly string[])[] {
  const rows: string[][] = [[]];
  const cell = /(?:"((?:[^"]|"")*)"|([^\t\n]*))(\t|\n|$)/gy;
  const all = text.replace(/\r\n?/g, '\n').replace(/\n$/, '');
  for (let found = cell.exec(all); found; found = cell.exec(all)) {
    const [, quoted, bare = '', end] = found;
    rows.at(-1)?.push(quoted === undefined ? bare : quoted.replaceAll('""', '"'));
    if (end === '\n') rows.push([]);
    if (end === '') break;
  }
  return rows;
}
