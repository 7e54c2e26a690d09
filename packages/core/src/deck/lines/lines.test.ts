import fc from 'fast-check';
import { DeckBuilder } from '../../testing/index.js';
import {
  applyChanges,
  bendLine,
  type Change,
  copyToClip,
  type Deck,
  drawnCourse,
  duplicateItems,
  itemsOf,
  leadLines,
  type LineItem,
  moveItems,
  pasteItems,
  readClip,
  readItem,
  removeItems,
  setFrames,
  setLineEnd,
  setLineCourse,
  setSlideSize,
  withLinesLed,
} from '../index.js';

const at = (x: number, y: number) => ({ x, y, width: 100, height: 60, rotation: 0 });
/** As the editor writes: what is asked for, and then where lines run. */
const edit = (deck: Deck, changes: readonly Change[]) => applyChanges(deck, [...changes, ...leadLines(deck, changes)]);
/** A burrow and a pool on a slide, with an arrow between them, and a line that is tied to nothing. */
const shore = (): Deck => {
  const { deck } = new DeckBuilder()
    .slide('s')
    .item('burrow', 'shape', { frame: at(100, 100) })
    .item('pool', 'shape', { frame: at(500, 100), loose: true })
    .item('way', 'line', {
      fields: {
        from: { u: 0, v: 0, at: 'burrow', side: null, head: 'none' },
        to: { u: 1, v: 1, at: 'pool', side: null, head: 'arrow' },
      },
    })
    .item('free', 'line', { frame: { x: 0, y: 400, width: 200, height: 100, rotation: 0 } });
  return edit(deck, [{ type: 'set-item', id: 'way', fields: { bend: 0 } }]);
};
const line = (deck: Deck, id = 'way') => deck.items[id] as LineItem;
const ends = (deck: Deck, id = 'way') => {
  const led = withLinesLed(itemsOf(deck, 's')).find((item) => item.id === id) as LineItem;
  const { from, to } = drawnCourse(led);
  return [from, to].map(({ x, y }) => [Math.round(x), Math.round(y)]);
};

describe('a line tied to items', () => {
  test('runs between the sides that look at each other', () => {
    expect(ends(shore())).toEqual([
      [200, 130],
      [500, 130],
    ]);
  });

  test('follows them when they are moved, sized or turned, in what is drawn and in what is written', () => {
    const deck = shore();
    const moved = edit(deck, moveItems(deck, ['pool'], 0, 300));
    expect(ends(moved)[1]).toEqual([500, 430]);
    expect(line(moved).frame.height).toBeGreaterThan(200);
    expect(leadLines(moved, [{ type: 'set-item', id: 'pool', fields: { frame: moved.items['pool']?.frame } }])).toEqual(
      [],
    );
    const turned = edit(deck, setFrames(deck, { burrow: { ...at(100, 100), rotation: 90 } }));
    expect(ends(turned)[0]).toEqual([180, 130]);
  });

  test('keeps to the side it was tied to by hand', () => {
    const deck = shore();
    const tied = edit(deck, setLineEnd(deck, 'way', 'from', { at: 'burrow', side: 'bottom' }));
    expect(ends(tied)[0]).toEqual([150, 160]);
    expect(line(tied).from.head).toBe('none');
    expect(line(tied).to.head).toBe('arrow');
  });

  test('lets go when it is moved by itself, not when what it is tied to moves along', () => {
    const deck = shore();
    const alone = edit(deck, moveItems(deck, ['way'], 10, 50));
    expect([line(alone).from.at, line(alone).to.at]).toEqual([null, null]);
    const [[x = 0, y = 0] = []] = ends(deck);
    expect(ends(alone)[0]).toEqual([x + 10, y + 50]);
    const together = edit(deck, moveItems(deck, ['way', 'burrow', 'pool'], 10, 50));
    expect([line(together).from.at, line(together).to.at]).toEqual(['burrow', 'pool']);
  });

  test('stays where it is when what it was tied to is removed', () => {
    const deck = edit(shore(), moveItems(shore(), ['pool'], 0, 10));
    const without = edit(deck, removeItems(deck, ['pool']));
    expect(line(without).to.at).toBeNull();
    expect(ends(without)).toEqual(ends(deck));
  });

  test('is copied with what it joins, and stays tied to the original otherwise', () => {
    const deck = shore();
    const { changes, copies } = duplicateItems(deck, ['burrow', 'pool', 'way'], counter());
    const copied = applyChanges(deck, changes);
    const [burrow, pool, way] = copies;
    expect([line(copied, way).from.at, line(copied, way).to.at]).toEqual([burrow, pool]);
    const elsewhere = new DeckBuilder().slide('t').deck;
    const { changes: pasting, pasted } = pasteItems(elsewhere, 't', readClip(copyToClip(deck, ['way']).json));
    expect(line(applyChanges(elsewhere, pasting), pasted[0]).from.at).toBeNull();
  });
});

describe('a free line', () => {
  test('is drawn out by its ends, tied and untied', () => {
    const deck = shore();
    const longer = edit(deck, setLineEnd(deck, 'free', 'to', { x: 700, y: 420 }));
    expect(ends(longer, 'free')).toEqual([
      [0, 450],
      [700, 420],
    ]);
    const tied = edit(longer, setLineEnd(longer, 'free', 'to', { at: 'pool', side: 'bottom' }));
    expect(ends(tied, 'free')[1]).toEqual([550, 160]);
  });

  test('is bent by its middle, and unbent when the middle is nearly straight', () => {
    const deck = shore();
    const bent = edit(deck, bendLine(deck, 'free', { x: 100, y: 380 }));
    expect(line(bent, 'free').bend).toBe(70);
    expect(ends(bent, 'free')).toEqual(ends(deck, 'free'));
    expect(line(edit(bent, bendLine(bent, 'free', { x: 100, y: 453 })), 'free').bend).toBe(0);
    expect(line(edit(bent, setLineCourse(bent, 'free', { connectorStyle: 'curve' })), 'free').frame.y).toBeCloseTo(380);
  });

  test('keeps its shape on slides of another size', () => {
    const deck = edit(shore(), bendLine(shore(), 'free', { x: 100, y: 380 }));
    const small = applyChanges(deck, setSlideSize(deck, '4:3', 'scale'));
    expect(line(small, 'free').bend).toBeCloseTo(70 * 0.75);
  });
});

test('wherever an end is drawn, it is there when the line is read back', () => {
  const places = fc.record({ x: fc.integer({ min: 0, max: 1280 }), y: fc.integer({ min: 0, max: 720 }) });
  const way = fc.constantFrom('straight' as const, 'elbow' as const, 'curve' as const);
  fc.assert(
    fc.property(places, places, way, fc.integer({ min: -200, max: 200 }), (from, to, led, bend) => {
      let deck = shore();
      deck = edit(deck, setLineCourse(deck, 'free', { connectorStyle: led, bend }));
      deck = edit(deck, setLineEnd(deck, 'free', 'from', from));
      deck = edit(deck, setLineEnd(deck, 'free', 'to', to));
      const read = readItem('free', JSON.parse(JSON.stringify(deck.items['free']))) as LineItem;
      const course = drawnCourse(read);
      expect(course.from.x).toBeCloseTo(from.x, 3);
      expect(course.from.y).toBeCloseTo(from.y, 3);
      expect(course.to.x).toBeCloseTo(to.x, 3);
      expect(course.to.y).toBeCloseTo(to.y, 3);
    }),
  );
});

test('what is not path data is not among the strokes of a sign', () => {
  const sign = readItem('i', {
    kind: 'sign',
    slideId: 's',
    strokes: ['M2 12h20', '"/><script>alert(1)</script>', 'M4 4l8 8'],
  });
  expect(sign?.kind === 'sign' && sign.strokes).toEqual(['M2 12h20', 'M4 4l8 8']);
});

function counter(): () => string {
  let count = 0;
  return () => `copy${(count += 1)}`;
}
