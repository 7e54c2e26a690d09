/** A table's cells as zones: where nothing is written pieces can lie, and what is written becomes the pieces. */
import type { Change } from '../model/change.js';
import { applyChanges } from '../model/change.js';
import { type Deck, sizeOf } from '../model/deck.js';
import { type ItemId, newId } from '../model/identifiers.js';
import { lettersOf, plainText } from '../text/rich-text.js';
import type { TableItem } from '../model/item.js';
import { type Cell, cellsOf } from '../tables/table.js';
import { addItem } from './items.js';
import { freeStrip, inStrip, WORD_HEIGHT } from './piece-places.js';
import { shuffled } from '../pieces/shuffled.js';
import { MOST_NEW_PIECES } from './pieces.js';

/** Which cells become zones: those in which nothing is written, or all but the headings, whose words become pieces. */
export type CellsToTurn = 'empty' | 'all';

/** How far a zone stays off the lines of its cell, in slide units. */
const INSET = 5;
/** How far a piece stays off the edge of its zone, and the least side of one, in slide units. */
const RIM = 6;
const SMALLEST = 32;

/** The cells of a table that become zones. */
export function turnedCells(table: TableItem, which: CellsToTurn): readonly Cell[] {
  return cellsOf(table).filter((cell) => cell.heads === 'none' && (which === 'all' || linesIn(cell).length === 0));
}

/** What a cell is called by the headings of its row and column; '' when neither says anything. */
function calledByHeadings(table: TableItem, { row, column }: Pick<Cell, 'row' | 'column'>): string {
  const cells = cellsOf(table);
  const heading = (cell: Cell | undefined) => (cell ? lettersOf(cell.text).trim() : '');
  const ofRow = cells.find((cell) => cell.heads === 'row' && cell.row === row);
  const ofColumn = cells.find((cell) => cell.heads === 'column' && cell.column === column);
  return [heading(ofRow), heading(ofColumn)].filter(Boolean).join(', ').replaceAll('\n', ' ');
}

/**
 * Puts a zone on cells of a table, which stays as it is beneath them. Where words stood, each line becomes a loose
 * piece that belongs into its zone, and the pieces lie mixed where the slide has most room; words that stand in
 * several cells become one pile with a copy for each. A table that was turned stays as it is.
 * @param called what a zone is called that no heading names, by its row and column counted from 1
 */
export function zonesFromTable(
  deck: Deck,
  tableId: ItemId,
  which: CellsToTurn,
  called: (row: number, column: number) => string,
  createId: () => string = newId,
  random: () => number = Math.random,
): { readonly changes: Change[]; readonly zones: ItemId[] } {
  const table = deck.items[tableId];
  if (table?.kind !== 'table' || table.frame.rotation !== 0) return { changes: [], zones: [] };
  const turned = turnedCells(table, which);
  const pieces = piecesOf(turned, createId);
  if (turned.length > MOST_NEW_PIECES || pieces.length > MOST_NEW_PIECES) return { changes: [], zones: [] };
  let present = deck;
  const changes: Change[] = [];
  const add = (made: Change[]) => {
    present = applyChanges(present, made);
    changes.push(...made);
  };
  const emptied = turned.filter((cell) => linesIn(cell).length > 0).map(({ field }) => [field, plainText('')]);
  if (emptied.length > 0) add([{ type: 'set-item', id: tableId, fields: Object.fromEntries(emptied) }]);
  const zones = turned.map((cell) => {
    const id = createId();
    const belongs = pieces.filter(({ cells }) => cells.includes(cell)).map((piece) => piece.id);
    const { x, y, width, height } = cell.box;
    add(
      addItem(present, {
        id,
        slideId: table.slideId,
        kind: 'zone',
        name: calledByHeadings(table, cell) || called(cell.row + 1, cell.column + 1),
        frame: {
          x: table.frame.x + x + INSET,
          y: table.frame.y + y + INSET,
          width: Math.max(8, width - 2 * INSET),
          height: Math.max(8, height - 2 * INSET),
          rotation: 0,
        },
        fields: { belongs },
      }),
    );
    return id;
  });
  const mixed = shuffled(pieces, random);
  const strip = freeStrip(sizeOf(deck), table.frame);
  const size = pieceSize(pieces);
  for (const [place, { id, words, cells }] of mixed.entries()) {
    add(
      addItem(present, {
        id,
        slideId: table.slideId,
        kind: 'shape',
        loose: true,
        frame: inStrip(strip, place, mixed.length, size),
        fields: { text: plainText(words) },
      }),
    );
    if (cells.length > 1) {
      const piece = { pile: cells.length, turns: false, within: null };
      add([{ type: 'set-item', id, fields: { piece } }]);
    }
  }
  return { changes, zones };
}

/** One size for all pieces: as wide as the longest of them wants to be, and small enough for the cells it belongs to. */
function pieceSize(pieces: ReturnType<typeof piecesOf>): { readonly width: number; readonly height: number } {
  const cells = pieces.flatMap((piece) => piece.cells);
  const room = (side: 'width' | 'height') => Math.min(...cells.map(({ box }) => box[side])) - 2 * (INSET + RIM);
  const wanted = 40 + Math.max(0, ...pieces.map(({ words }) => words.length)) * 13;
  return {
    width: Math.max(SMALLEST, Math.min(room('width'), Math.max(90, wanted))),
    height: Math.max(SMALLEST, Math.min(room('height'), WORD_HEIGHT)),
  };
}

/** The lines that a cell holds; empty ones are passed over. */
function linesIn({ text }: Cell): readonly string[] {
  return lettersOf(text)
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);
}

/** A piece of each line, once, with the cells in which it stood. */
function piecesOf(cells: readonly Cell[], createId: () => string) {
  const byWords = new Map<string, { readonly id: ItemId; readonly words: string; readonly cells: Cell[] }>();
  for (const cell of cells) {
    for (const words of new Set(linesIn(cell))) {
      const known = byWords.get(words);
      if (known) known.cells.push(cell);
      else byWords.set(words, { id: createId(), words, cells: [cell] });
    }
  }
  return [...byWords.values()];
}
