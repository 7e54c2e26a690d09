/** Groups, aligning, the clipboard, locking: what an author does with several items. */
import fc from 'fast-check';
import { boundsOf } from '../../geometry/index.js';
import { DeckBuilder } from '../../testing/index.js';
import {
  alignItems,
  applyChanges,
  applyFormat,
  copyToClip,
  type Deck,
  DEEPEST_GROUP,
  distributeItems,
  duplicateItems,
  duplicateSlide,
  formatOf,
  groupItems,
  type ItemId,
  itemsOf,
  moveItems,
  pasteItems,
  plainText,
  readClip,
  setHidden,
  setLocked,
  stackAt,
  ungroup,
  unitOf,
  unitsAmong,
  withoutHidden,
  addChart,
  itemsToDraw,
} from '../index.js';

const frame = (x: number, y: number, width = 100, height = 50) => ({ x, y, width, height, rotation: 0 });
const shapes = (places: Readonly<Record<ItemId, readonly [number, number]>>): Deck => {
  const builder = new DeckBuilder().slide('a');
  for (const [id, [x, y]] of Object.entries(places)) builder.item(id, 'shape', { frame: frame(x, y) });
  return builder.slide('b').deck;
};
const three = () => shapes({ one: [0, 0], two: [200, 90], three: [700, 300] });
const counter = () => {
  let count = 0;
  return () => `new${(count += 1)}`;
};
const unit = (deck: Deck, id: ItemId, entered: string | null = null) => {
  const item = deck.items[id];
  if (!item) throw new Error(`no item ${id}`);
  return unitOf(deck, item, entered);
};

describe('groups', () => {
  const nested = () => {
    const inner = applyChanges(three(), groupItems(three(), ['one', 'two'], 'inner'));
    return applyChanges(inner, groupItems(inner, ['one', 'two', 'three'], 'outer'));
  };

  test('a press takes the whole outermost group; inside it, one step further in', () => {
    const deck = nested();
    expect(unit(deck, 'one')).toEqual({ group: 'outer', ids: ['one', 'two', 'three'] });
    expect(unit(deck, 'one', 'outer')).toEqual({ group: 'inner', ids: ['one', 'two'] });
    expect(unit(deck, 'three', 'outer')).toEqual({ group: null, ids: ['three'] });
    expect(unit(deck, 'one', 'inner')).toEqual({ group: null, ids: ['one'] });
  });

  test('items grouped inside a group stay in it', () => {
    const outer = applyChanges(three(), groupItems(three(), ['one', 'two', 'three'], 'outer'));
    const deck = applyChanges(outer, groupItems(outer, ['one', 'two'], 'inner'));
    expect(deck.items['one']?.groups).toEqual(['outer', 'inner']);
    expect(deck.items['three']?.groups).toEqual(['outer']);
  });

  test('dissolving a group leaves the groups around and within it', () => {
    const deck = nested();
    const without = applyChanges(deck, ungroup(deck, 'outer'));
    expect(unitsAmong(without, ['one', 'two', 'three'])).toEqual([
      { group: 'inner', ids: ['one', 'two'] },
      { group: null, ids: ['three'] },
    ]);
  });

  test('one item, items of two slides, or too deep a group are not grouped', () => {
    const deck = new DeckBuilder(three().title).slide('a').item('x', 'shape').slide('b').item('y', 'shape').deck;
    expect(groupItems(deck, ['x'], 'g')).toEqual([]);
    expect(groupItems(deck, ['x', 'y'], 'g')).toEqual([]);
    let deep = three();
    for (let depth = 0; depth <= DEEPEST_GROUP; depth += 1)
      deep = applyChanges(deep, groupItems(deep, ['one', 'two'], `g${depth}`));
    expect(deep.items['one']?.groups).toHaveLength(DEEPEST_GROUP);
  });

  test('copies of a group are a group of their own', () => {
    const deck = nested();
    const { changes, copies } = duplicateItems(deck, ['one', 'two', 'three'], counter());
    const after = applyChanges(deck, changes);
    expect(unit(after, copies[0] ?? '').ids).toEqual(copies);
    expect(unit(after, 'one').ids).toEqual(['one', 'two', 'three']);
    const slides = applyChanges(deck, duplicateSlide(deck, 'a', { id: 'c', name: 'c', createId: counter() }));
    const groups = new Set(itemsOf(slides, 'c').flatMap((item) => item.groups));
    expect([...groups].some((group) => group === 'outer' || group === 'inner')).toBe(false);
  });
});

describe('aligning', () => {
  test('things are brought into line with one another; a single one with the slide', () => {
    const deck = three();
    const left = applyChanges(deck, alignItems(deck, ['one', 'two', 'three'], 'left'));
    expect(itemsOf(left, 'a').map((item) => item.frame.x)).toEqual([0, 0, 0]);
    const centred = applyChanges(deck, alignItems(deck, ['two'], 'centre'));
    expect(centred.items['two']?.frame.x).toBe((1280 - 100) / 2);
  });

  test('whatever is aligned, nothing changes its size, and aligning again changes nothing', () => {
    const turned = fc.record({
      x: fc.integer({ min: 0, max: 900 }),
      y: fc.integer({ min: 0, max: 600 }),
      width: fc.integer({ min: 10, max: 300 }),
      height: fc.integer({ min: 10, max: 300 }),
      rotation: fc.integer({ min: 0, max: 359 }),
    });
    const sides = fc.constantFrom('left', 'centre', 'right', 'top', 'middle', 'bottom');
    fc.assert(
      fc.property(fc.array(turned, { minLength: 2, maxLength: 5 }), sides, (frames, side) => {
        const builder = new DeckBuilder().slide('a');
        frames.forEach((each, index) => builder.item(`i${index}`, 'shape', { frame: each }));
        const ids = frames.map((_, index) => `i${index}`);
        const once = applyChanges(builder.deck, alignItems(builder.deck, ids, side));
        const twice = applyChanges(once, alignItems(once, ids, side));
        for (const id of ids) {
          const [before, after, again] = [builder.deck, once, twice].map((deck) => deck.items[id]?.frame);
          if (!before || !after || !again) throw new Error('an item is gone');
          expect([after.width, after.height, after.rotation]).toEqual([before.width, before.height, before.rotation]);
          expect(again.x).toBeCloseTo(after.x, 6);
          expect(again.y).toBeCloseTo(after.y, 6);
        }
      }),
    );
  });

  test('a group is aligned as a whole and keeps its inner distances', () => {
    const grouped = applyChanges(three(), groupItems(three(), ['one', 'two'], 'g'));
    const deck = applyChanges(grouped, alignItems(grouped, ['one', 'two', 'three'], 'right'));
    expect(deck.items['two']?.frame.x).toBe(700);
    expect(deck.items['one']?.frame.x).toBe(500);
  });

  test('distributing makes the gaps equal and leaves the outermost', () => {
    const deck = three();
    const after = applyChanges(deck, distributeItems(deck, ['three', 'one', 'two'], 'across'));
    const boxes = itemsOf(after, 'a').map((item) => boundsOf(item.frame));
    expect(boxes.map((box) => box.x)).toEqual([0, 350, 700]);
    expect(distributeItems(deck, ['one', 'two'], 'across')).toEqual([]);
  });
});

describe('the clipboard', () => {
  test('items come onto another slide where they were, onto their own a little set off, with new ids', () => {
    const deck = three();
    const clip = readClip(copyToClip(deck, ['one', 'two']).json);
    const { changes, pasted } = pasteItems(deck, 'b', clip, { createId: counter() });
    const after = applyChanges(deck, changes);
    expect(itemsOf(after, 'b').map((item) => [item.id, item.frame.x])).toEqual(pasted.map((id, at) => [id, at * 200]));
    const home = applyChanges(deck, pasteItems(deck, 'a', clip, { createId: counter() }).changes);
    expect(itemsOf(home, 'a').at(-1)?.frame).toEqual(frame(224, 114));
    expect(itemsOf(home, 'a')).toHaveLength(5);
  });

  test('what an item says goes along as plain words', () => {
    const deck = new DeckBuilder().slide('a').item('t', 'text', { fields: { text: plainText('Low water') } }).deck;
    expect(copyToClip(deck, ['t']).plain).toBe('Low water');
  });

  test('a link to a slide of another deck comes along and is open there', () => {
    const from = new DeckBuilder().slide('here').item('sign', 'shape', { link: { to: 'slide', slideId: 'far' } }).deck;
    const into = new DeckBuilder().slide('a').deck;
    const after = applyChanges(into, pasteItems(into, 'a', readClip(copyToClip(from, ['sign']).json)).changes);
    expect(itemsOf(after, 'a')[0]?.link).toEqual({ to: 'slide', slideId: 'far' });
  });

  test('anything at all on the clipboard is survived', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.json()), (text) => {
        expect(Array.isArray(readClip(text))).toBe(true);
      }),
    );
    expect(readClip('{"items":[{"kind":"shape","slideId":"a"},{"kind":"bomb"},7]}')).toHaveLength(1);
  });

  test('a format is taken over as far as the other kind knows it, its words stay', () => {
    const deck = new DeckBuilder()
      .slide('a')
      .item('red', 'shape', { fields: { fill: '#9b2242', outlineWidth: 9 } })
      .item('plain', 'shape', { fields: { text: plainText('stay') } })
      .item('words', 'text').deck;
    const red = deck.items['red'];
    if (!red) throw new Error('no item');
    const after = applyChanges(deck, applyFormat(deck, ['plain', 'words'], formatOf(deck.theme, red)));
    expect(after.items['plain']).toMatchObject({ fill: '#9b2242', outlineWidth: 9, text: plainText('stay') });
    expect(after.items['words']).not.toHaveProperty('fill');
  });
});

describe('locked, hidden, stacked', () => {
  test('what is locked is not moved, and a copy of it is free', () => {
    const deck = applyChanges(three(), setLocked(three(), ['one'], true));
    expect(moveItems(deck, ['one', 'two'], 5, 5).map((change) => 'id' in change && change.id)).toEqual(['two']);
    const { changes, copies } = duplicateItems(deck, ['one'], counter());
    expect(applyChanges(deck, changes).items[copies[0] ?? '']?.locked).toBe(false);
  });

  test('what is put out of sight is in no edition', () => {
    const deck = applyChanges(three(), setHidden(three(), ['two'], true));
    expect(Object.keys(withoutHidden(deck).items)).toEqual(['one', 'three']);
  });

  test('a table out of sight stays in the edition while a chart that is seen follows it', () => {
    const placed = addChart(three(), three().items['one']?.slideId ?? '', 'bars', {
      meant: null,
      example: [
        ['Bird', 'Counted'],
        ['Curlews', '3'],
      ],
    });
    const deck = applyChanges(three(), placed.changes);
    const hidden = applyChanges(deck, setHidden(deck, [placed.tableId], true));
    expect(withoutHidden(hidden).items).toHaveProperty(placed.tableId);
    expect(itemsToDraw(withoutHidden(hidden), hidden.items['one']?.slideId ?? '')).toContainEqual(
      expect.objectContaining({
        id: placed.chartId,
        figures: expect.objectContaining({ names: ['Curlews'] }) as object,
      }),
    );
    const both = applyChanges(hidden, setHidden(hidden, [placed.chartId], true));
    expect(withoutHidden(both).items).not.toHaveProperty(placed.tableId);
  });

  test('an item is put at any place of the stack', () => {
    const deck = three();
    const order = (place: number) =>
      itemsOf(applyChanges(deck, stackAt(deck, 'one', place)), 'a').map((item) => item.id);
    expect(order(0)).toEqual(['one', 'two', 'three']);
    expect(order(1)).toEqual(['two', 'one', 'three']);
    expect(order(99)).toEqual(['two', 'three', 'one']);
  });
});
