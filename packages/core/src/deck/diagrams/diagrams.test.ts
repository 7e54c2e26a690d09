import fc from 'fast-check';
import { boxesMeet, type Box } from '../../geometry/index.js';
import { DeckBuilder } from '../../testing/index.js';
import {
  addDiagram,
  applyChanges,
  countParts,
  diagramKinds,
  diagramLimits,
  type DiagramPart,
  layOutDiagram,
  readTypedList,
  sizeOf,
  writeTypedList,
} from '../index.js';

const words = fc.stringMatching(/^[A-Za-z][A-Za-z ]{0,12}[a-z]$/);
/** A part with others in it, so many generations at the most. */
const partOf = (deep: number): fc.Arbitrary<DiagramPart> =>
  fc.record({ words, parts: deep === 0 ? fc.constant([]) : fc.array(partOf(deep - 1), { maxLength: 3 }) });
const list = fc.array(partOf(2), { minLength: 1, maxLength: 8 }).filter((parts) => countParts(parts) <= 18);
const room: Box = { x: 76, y: 170, width: 1126, height: 490 };

describe('typed lists', () => {
  test('are read as they are written', () => {
    fc.assert(
      fc.property(list, (parts) => {
        expect(readTypedList(writeTypedList(parts))).toEqual(parts);
      }),
    );
  });

  test('take tabs, spaces, bullets and numbers; a line that is set in too far belongs to the one above', () => {
    expect(readTypedList('1. Tide\n    - Ebb\n  • Flood\n\n2) Moon\n\t\t\tFull')).toEqual([
      {
        words: 'Tide',
        parts: [
          { words: 'Ebb', parts: [] },
          { words: 'Flood', parts: [] },
        ],
      },
      { words: 'Moon', parts: [{ words: 'Full', parts: [] }] },
    ]);
    expect(readTypedList('\n  \n')).toEqual([]);
    expect(countParts(readTypedList('x\n'.repeat(200)))).toBe(diagramLimits.parts);
  });
});

describe.each(diagramKinds)('%s', (kind) => {
  test('has all that was typed, within its room, with distances between boxes', () => {
    fc.assert(
      fc.property(list, (parts) => {
        const { boxes, ties } = layOutDiagram(kind, parts, room);
        const said = boxes.flatMap((box) => box.words.split('\n')).filter((line) => line !== '');
        const typed = (each: readonly DiagramPart[]): string[] =>
          each.flatMap((one) => [one.words, ...typed(one.parts)]);
        expect(said.toSorted()).toEqual(typed(parts).toSorted());
        for (const { x, y, width, height } of boxes) {
          expect(x).toBeGreaterThanOrEqual(room.x - 1);
          expect(y).toBeGreaterThanOrEqual(room.y - 1);
          expect(x + width).toBeLessThanOrEqual(room.x + room.width + 1);
          expect(y + height).toBeLessThanOrEqual(room.y + room.height + 1);
          expect(Math.min(width, height)).toBeGreaterThan(8);
        }
        // Sets are there to overlap, and words stand in them.
        const apart = boxes.filter(({ role }) => role === 'main' || role === 'plain');
        const wider = (box: Box) => ({ x: box.x - 3, y: box.y - 3, width: box.width + 6, height: box.height + 6 });
        apart.forEach((one, at) => {
          for (const other of apart.slice(at + 1)) expect(boxesMeet(wider(one), other)).toBe(false);
        });
        for (const { from, to } of ties) {
          expect(from).not.toBe(to);
          expect(boxes[from] && boxes[to]).toBeDefined();
        }
      }),
    );
  });
});

test('everything that belongs together is tied together, and nothing else', () => {
  const parts = readTypedList('Tides\n\tMoon\n\t\tFull\n\tSun\nWind');
  const tied = (kind: 'tree' | 'mind-map') => {
    const { boxes, ties } = layOutDiagram(kind, parts, room);
    return ties.map(({ from, to }) => `${boxes[from]?.words ?? ''} ${boxes[to]?.words ?? ''}`).toSorted();
  };
  const expected = ['Moon Full', 'Tides Moon', 'Tides Sun', 'Tides Wind'];
  expect([tied('tree'), tied('mind-map')]).toEqual([expected, expected]);
  expect(layOutDiagram('cycle', readTypedList('a\nb\nc'), room).ties.map(({ from, to }) => [from, to])).toEqual([
    [0, 1],
    [1, 2],
    [2, 0],
  ]);
  expect(layOutDiagram('steps', [], room)).toEqual({ boxes: [], ties: [] });
});

test('on a slide it is ordinary shapes and attached lines, which lead to what they join', () => {
  const { deck } = new DeckBuilder().slide('creek');
  let made = 0;
  const parts = readTypedList('Observe\nDescribe\nExplain');
  const diagram = addDiagram(deck, 'creek', { kind: 'steps', parts }, () => `d${(made += 1)}`);
  const next = applyChanges(deck, diagram.changes);
  expect(diagram.made.map((id) => next.items[id]?.kind)).toEqual(['shape', 'shape', 'shape', 'line', 'line']);
  const line = next.items['d4'];
  const [first, second] = [next.items['d1'], next.items['d2']];
  if (line?.kind !== 'line' || !first || !second) throw new Error('the diagram is not there');
  expect([line.from.at, line.to.at, line.to.head]).toEqual(['d1', 'd2', 'triangle']);
  expect(line.frame.x).toBeCloseTo(first.frame.x + first.frame.width, 0);
  expect(line.frame.x + line.frame.width).toBeCloseTo(second.frame.x, 0);
  const { width, height } = sizeOf(deck);
  for (const item of Object.values(next.items)) {
    expect(item.frame.x + item.frame.width).toBeLessThanOrEqual(width);
    expect(item.frame.y + item.frame.height).toBeLessThanOrEqual(height);
  }
});
