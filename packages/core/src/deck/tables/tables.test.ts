import fc from 'fast-check';
import { DeckBuilder } from '../../testing/index.js';
import {
  addTable,
  addTableLine,
  applyChanges,
  cellAt,
  cellBeside,
  type CellField,
  cellsOf,
  type Change,
  type Deck,
  evenTableLines,
  growRow,
  lettersOf,
  linesOf,
  moveTableBorder,
  moveTableLine,
  nameOf,
  piecesOn,
  plainText,
  readItem,
  removeTableLine,
  setSlideSize,
  type TableAxis,
  tableFromText,
  tableOfSize,
  type TableItem,
  withoutKeysAndNotes,
  zonesFromTable,
  zonesOn,
} from '../index.js';

const ids = () => {
  let count = 0;
  return () => `new-${(count += 1)}`;
};
const frame = { x: 100, y: 100, width: 600, height: 300, rotation: 0 };

/** A table of three rows and three columns with words, row by row. */
function deckWith(words: readonly string[] = [], headings: TableItem['headings'] = 'both'): Deck {
  const cells = words.map((word, at) => [`cell:${Math.floor(at / 3) + 1}:${(at % 3) + 1}`, plainText(word)]);
  const fields = { headings, ...(Object.fromEntries(cells) as Record<CellField, ReturnType<typeof plainText>>) };
  return new DeckBuilder().slide('s').item('t', 'table', { frame, fields }).deck;
}

function tableIn(deck: Deck): TableItem {
  const item = deck.items['t'];
  if (item?.kind !== 'table') throw new Error('no table');
  return item;
}

const wordsIn = (deck: Deck) => cellsOf(tableIn(deck)).map(({ text }) => lettersOf(text));
const after = (deck: Deck, changes: readonly Change[]) => applyChanges(deck, changes);
const lengths = (deck: Deck, axis: TableAxis) => linesOf(tableIn(deck), axis).map(({ length }) => Math.round(length));
const axes = fc.constantFrom<TableAxis>('row', 'column');

describe('a table', () => {
  const deck = deckWith(['Animal', 'eats', 'eaten by', 'Limpet', 'algae', 'crabs', 'Whelk', 'limpets', 'gulls']);

  test('has three rows and columns to begin with, and cells where they cross', () => {
    const cells = cellsOf(tableIn(deck));
    expect(cells).toHaveLength(9);
    expect(cells[5]).toMatchObject({ row: 1, column: 2, box: { x: 400, y: 100, width: 200, height: 100 } });
    expect(cells.map(({ heads }) => heads)).toEqual([
      ...['both', 'column', 'column'],
      ...['row', 'none', 'none'],
      ...['row', 'none', 'none'],
    ]);
    expect(nameOf(tableIn(deck))).toBe('Animal');
  });

  test('is the same after its JSON was read, and goes to students as it is', () => {
    expect(readItem('t', JSON.parse(JSON.stringify(tableIn(deck))))).toEqual(tableIn(deck));
    expect(withoutKeysAndNotes(deck).items['t']).toEqual(tableIn(deck));
  });

  test('reads what nobody vouches for: what is no row, column or cell is dropped, and there is an end to them', () => {
    const many = Object.fromEntries(
      Array.from({ length: 99 }, (_, at) => [`row:r${at}`, { rank: `a${at % 10}`, size: 1 }]),
    );
    const read = readItem('t', {
      ...many,
      kind: 'table',
      slideId: 's',
      'row:a b': { rank: 'a0', size: 1 },
      'column:c': { rank: 'no rank!', size: -4 },
      'column:d': 'wide',
      'cell:r1:c': { content: [{ type: 'script', content: [] }] },
      'cell:gone:c': plainText('nowhere'),
      headings: 'diagonal',
    });
    expect(read?.kind === 'table' && linesOf(read, 'row')).toHaveLength(30);
    expect(read?.kind === 'table' && linesOf(read, 'column').map(({ id, size }) => [id, size])).toEqual([['c', 0.001]]);
    expect(JSON.stringify(read)).not.toMatch(/nowhere|script|diagonal|a b/);
  });

  test('finds the cell at a point, turned or not', () => {
    expect(cellAt(tableIn(deck), { x: 350, y: 250 })?.field).toBe('cell:2:2');
    expect(cellAt(tableIn(deck), { x: 99, y: 250 })).toBeNull();
    const upright = { ...tableIn(deck), frame: { ...frame, rotation: 90 } };
    // Turned to the right about (400, 250), its first row is the rightmost.
    expect(cellAt(upright, { x: 540, y: -40 })?.field).toBe('cell:1:1');
  });

  test('leads from cell to cell in reading order', () => {
    expect(cellBeside(tableIn(deck), 'cell:1:3', 1)).toBe('cell:2:1');
    expect(cellBeside(tableIn(deck), 'cell:2:1', -1)).toBe('cell:1:3');
    expect(cellBeside(tableIn(deck), 'cell:3:3', 1)).toBeNull();
  });

  test('gets larger letters with a larger slide', () => {
    const larger = after(deck, setSlideSize(deck, { width: 2560, height: 1440 }, 'scale'));
    expect(tableIn(larger).look.size).toBe(tableIn(deck).look.size * 2);
    expect(tableIn(larger).frame).toMatchObject({ width: 1200, height: 600 });
  });
});

describe('rows and columns', () => {
  const deck = deckWith(['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h', 'i']);

  test('come where they are wanted, and the table grows while there is room', () => {
    const row = after(deck, addTableLine(deck, 't', 'row', 1, ids()));
    expect(wordsIn(row).join(',')).toBe('a,b,c,,,,d,e,f,g,h,i');
    expect(lengths(row, 'row')).toEqual([100, 100, 100, 100]);
    expect(tableIn(row).frame).toEqual({ ...frame, height: 400 });
    const wide = after(deck, [{ type: 'set-item', id: 't', fields: { frame: { ...frame, width: 1150 } } }]);
    const column = after(wide, addTableLine(wide, 't', 'column', 3, ids()));
    expect(tableIn(column).frame.width).toBe(1150);
    expect(new Set(lengths(column, 'column'))).toEqual(new Set([288]));
    expect(wordsIn(column).join(',')).toBe('a,b,c,,d,e,f,,g,h,i,');
  });

  test('go with what stands in them, but for the last one', () => {
    const less = after(deck, removeTableLine(deck, 't', 'column', '2'));
    expect(wordsIn(less).join(',')).toBe('a,c,d,f,g,i');
    expect(lengths(less, 'column')).toEqual([200, 200]);
    expect(Object.keys(tableIn(less)).filter((name) => name.startsWith('cell:'))).toHaveLength(6);
    const one = ['2', '3'].reduce((now, id) => after(now, removeTableLine(now, 't', 'row', id)), deck);
    expect(removeTableLine(one, 't', 'row', '1')).toEqual([]);
  });

  test('change places', () => {
    expect(wordsIn(after(deck, moveTableLine(deck, 't', 'row', '1', 1))).join(',')).toBe('d,e,f,a,b,c,g,h,i');
    expect(wordsIn(after(deck, moveTableLine(deck, 't', 'column', '3', -2))).join(',')).toBe('c,a,b,f,d,e,i,g,h');
    expect(moveTableLine(deck, 't', 'row', '3', 5)).toEqual([]);
  });

  test('get another size from the next one, or at the end from the slide, and are evened', () => {
    const wider = after(deck, moveTableBorder(deck, 't', 'column', '1', 50));
    expect(lengths(wider, 'column')).toEqual([250, 150, 200]);
    const narrow = after(deck, moveTableBorder(deck, 't', 'column', '1', 5000));
    expect(lengths(narrow, 'column')).toEqual([384, 16, 200]);
    const higher = after(deck, moveTableBorder(deck, 't', 'row', '3', 40));
    expect(lengths(higher, 'row')).toEqual([100, 100, 140]);
    expect(lengths(after(wider, evenTableLines(wider, 't', 'column')), 'column')).toEqual([200, 200, 200]);
    expect(evenTableLines(deck, 't', 'row')).toEqual([]);
  });

  test('a row grows with its words and leaves the others as they are', () => {
    const grown = after(deck, growRow(tableIn(deck), '2', 160));
    expect(lengths(grown, 'row')).toEqual([100, 160, 100]);
    expect(growRow(tableIn(deck), '2', 90)).toEqual([]);
  });

  test('whatever is done, they fill the table, each has some room, and words stay', () => {
    const act = fc.tuple(axes, fc.nat(4), fc.integer({ min: -400, max: 400 }), fc.nat(3));
    fc.assert(
      fc.property(fc.array(act, { maxLength: 12 }), (acts) => {
        const createId = ids();
        let now = deck;
        for (const [axis, which, by, what] of acts) {
          const lines = linesOf(tableIn(now), axis);
          const id = lines[which % lines.length]?.id ?? '';
          const changes = [
            () => addTableLine(now, 't', axis, which, createId),
            () => moveTableLine(now, 't', axis, id, by),
            () => moveTableBorder(now, 't', axis, id, by),
            () => evenTableLines(now, 't', axis),
          ][what];
          now = after(now, changes?.() ?? []);
          const table = tableIn(now);
          const sum = (each: TableAxis) => linesOf(table, each).reduce((all, { length }) => all + length, 0);
          expect(sum('row')).toBeCloseTo(table.frame.height, 6);
          expect(sum('column')).toBeCloseTo(table.frame.width, 6);
          expect(Math.min(...linesOf(table, axis).map(({ length }) => length))).toBeGreaterThan(0);
          expect(wordsIn(now).filter(Boolean).sort().join('')).toBe('abcdefghi');
          expect(readItem('t', { ...table })).toEqual(table);
        }
      }),
    );
  });
});

describe('an empty table of a size', () => {
  test.each([
    [2, 5, 10],
    [1, 1, 1],
    [99, 2, 60],
  ])('of %i rows and %i columns has %i empty cells', (rows, columns, cells) => {
    const { deck } = new DeckBuilder().slide('s');
    const words = wordsIn(after(deck, addTable(deck, 't', 's', tableOfSize(rows, columns))));
    expect(words).toHaveLength(cells);
    expect(words.join('')).toBe('');
  });
});

describe('a table from the clipboard', () => {
  const wordsOf = (text: string) => {
    const fields = tableFromText(text);
    if (!fields) return null;
    const { deck } = new DeckBuilder().slide('s');
    return wordsIn(after(deck, addTable(deck, 't', 's', fields)));
  };

  test('has a row each line and its cells between tabs, quoted ones as they are', () => {
    expect(wordsOf('Zone\tAnimal\r\nHigh\t"lichen, ""grey""\nand\tblack"\r\n')).toEqual([
      'Zone',
      'Animal',
      'High',
      'lichen, "grey"\nand\tblack',
    ]);
    expect(wordsOf('a\tb\tc\nd')).toEqual(['a', 'b', 'c', 'd', '', '']);
  });

  test('is none without two columns, or where there is no room for it', () => {
    expect(tableFromText('one\ntwo')).toBeNull();
    expect(tableFromText('a\tb\n'.repeat(31))).toBeNull();
    expect(tableFromText('\t'.repeat(30))).toBeNull();
  });

  test('lies within the slide', () => {
    const { deck } = new DeckBuilder().slide('s');
    const made = after(deck, addTable(deck, 't', 's', tableFromText('1\t2\t3\t4\t5\n'.repeat(30)) ?? {}));
    const { x, y, width, height } = tableIn(made).frame;
    expect(Math.min(x, y)).toBeGreaterThanOrEqual(0);
    expect([x + width <= 1280, y + height <= 720]).toEqual([true, true]);
  });
});

describe('cells as zones', () => {
  const called = (row: number, column: number) => `Row ${row}, column ${column}`;
  const turned = (deck: Deck, which: 'empty' | 'all') =>
    after(deck, zonesFromTable(deck, 't', which, called, ids(), () => 0.4).changes);

  test('empty cells become zones on them, called by their headings, and the table stays', () => {
    const deck = deckWith(['', 'High', 'Low', 'Limpet', '', 'yes', '', '', '']);
    const zones = zonesOn(turned(deck, 'empty'), 's');
    expect(zones.map(({ name }) => name)).toEqual(['Limpet, High', 'High', 'Low']);
    expect(zones[0]?.frame).toEqual({ x: 305, y: 205, width: 190, height: 90, rotation: 0 });
    expect(tableIn(turned(deck, 'empty'))).toEqual(tableIn(deck));
    const plain = zonesOn(turned(deckWith([], 'none'), 'empty'), 's');
    expect(plain.map(({ name }) => name).slice(0, 2)).toEqual(['Row 1, column 1', 'Row 1, column 2']);
  });

  test('pieces are no larger than the cells they belong to', () => {
    const deck = deckWith(['', '', '', '', 'a rather long answer to a small question', 'b', '', '', '']);
    const made = turned(deck, 'all');
    const [zone] = zonesOn(made, 's');
    for (const { items } of piecesOn(made, 's'))
      for (const item of items) {
        expect(item.frame.width).toBeLessThan(zone?.frame.width ?? 0);
        expect(item.frame.height).toBeLessThan(zone?.frame.height ?? 0);
      }
  });

  test('a turned table, one without such cells, and one with too many stay as they are', () => {
    const deck = deckWith(Array.from({ length: 9 }, () => 'x'));
    expect(zonesFromTable(deck, 't', 'empty', called).zones).toEqual([]);
    const askew = after(deck, [{ type: 'set-item', id: 't', fields: { frame: { ...frame, rotation: 10 } } }]);
    expect(zonesFromTable(askew, 't', 'all', called)).toEqual({ changes: [], zones: [] });
    const { deck: bare } = new DeckBuilder().slide('s');
    const large = after(bare, addTable(bare, 't', 's', tableFromText('a\tb\tc\td\te\n'.repeat(30)) ?? {}));
    expect(zonesFromTable(large, 't', 'all', called).changes).toEqual([]);
  });
});
