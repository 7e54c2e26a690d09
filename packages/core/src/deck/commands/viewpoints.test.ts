/** Viewpoints and their order, walks that are kept, and sizes of one's own. */
import fc from 'fast-check';
import { DeckBuilder } from '../../testing/index.js';
import {
  addViewpoint,
  applyChanges,
  type Deck,
  forgetWalk,
  keepWalk,
  MOST_WALKS,
  orderViewpoint,
  OWN_SIZE,
  readDeck,
  setSlideSize,
  sizeOf,
  viewpointsInOrder,
  viewpointsOn,
} from '../index.js';

const names = (deck: Deck) => viewpointsInOrder(deck, 'map').map(({ name }) => name);
const withThree = ['creek', 'hide', 'moon'].reduce(
  (deck, name) => applyChanges(deck, addViewpoint(deck, { id: name, slideId: 'map', name })),
  new DeckBuilder().slide('map').slide('end').deck,
);

describe('viewpoints', () => {
  test('come in the order in which they were placed, in the middle of the slide or where they were drawn', () => {
    expect(names(withThree)).toEqual(['creek', 'hide', 'moon']);
    const frame = { x: 1, y: 2, width: 30, height: 40, rotation: 50 };
    const drawn = applyChanges(withThree, addViewpoint(withThree, { id: 'owl', slideId: 'map', name: 'owl', frame }));
    expect(drawn.items['owl']?.frame).toEqual(frame);
    expect(names(drawn)).toEqual(['creek', 'hide', 'moon', 'owl']);
  });

  test('are put anywhere in the order, passed by, and taken into it again', () => {
    fc.assert(
      fc.property(fc.constantFrom('creek', 'hide', 'moon'), fc.integer({ min: 0, max: 2 }), (id, place) => {
        const moved = applyChanges(withThree, orderViewpoint(withThree, id, place));
        expect(names(moved)[place]).toBe(id);
        expect([...names(moved)].sort()).toEqual(['creek', 'hide', 'moon']);
      }),
    );
    const passed = applyChanges(withThree, orderViewpoint(withThree, 'hide', null));
    expect(names(passed)).toEqual(['creek', 'moon']);
    expect(viewpointsOn(passed, 'map')).toHaveLength(3);
    expect(names(applyChanges(passed, orderViewpoint(passed, 'hide', Infinity)))).toEqual(['creek', 'moon', 'hide']);
  });

  test('nothing else has an order, and no slide has those of another', () => {
    const { deck } = new DeckBuilder().slide('gate').item('sign', 'shape');
    expect(orderViewpoint(deck, 'sign', 0)).toEqual([]);
    expect(viewpointsOn(withThree, 'end')).toEqual([]);
  });
});

describe('walks', () => {
  test('are kept up to a number, the oldest forgotten first, and forgotten one by one', () => {
    let { deck } = new DeckBuilder().slide('gate');
    for (let walk = 0; walk < MOST_WALKS + 2; walk += 1)
      deck = applyChanges(deck, keepWalk(deck, { id: `w${walk}`, name: `Walk ${walk}`, slides: ['gate'] }));
    expect(deck.walks).toHaveLength(MOST_WALKS);
    expect(deck.walks[0]?.id).toBe('w2');
    expect(applyChanges(deck, forgetWalk(deck, 'w2')).walks[0]?.id).toBe('w3');
    expect(readDeck(JSON.parse(JSON.stringify(deck))).deck.walks).toEqual(deck.walks);
  });

  test('what cannot be read of them is left out', () => {
    const { deck } = readDeck({
      version: 1,
      walks: [{ id: 'w1', name: 7, slides: ['a', '<b>', 5] }, 'no', { id: '..' }],
    });
    expect(deck.walks).toEqual([{ id: 'w1', name: '', slides: ['a'] }]);
  });
});

describe('a size of its own', () => {
  test('is kept within bounds, whatever is asked for', () => {
    const size = (value: unknown) => sizeOf(readDeck({ version: 1, size: value }).deck);
    expect(size({ width: 9000, height: 4000 })).toEqual({ width: 9000, height: 4000 });
    expect(size({ width: 1e9, height: 0 })).toEqual({ width: OWN_SIZE.most, height: OWN_SIZE.least });
    expect(size({ width: 'x' })).toEqual({ width: 1280, height: 720 });
    expect(size('17:3')).toEqual({ width: 1280, height: 720 });
  });

  test('scales what is on the slides, or keeps it about the middle', () => {
    const { deck } = new DeckBuilder()
      .slide('map')
      .item('sign', 'shape', { frame: { x: 590, y: 335, width: 100, height: 50, rotation: 0 } });
    const own = { width: 2560, height: 1440 };
    const scaled = applyChanges(deck, setSlideSize(deck, own, 'scale'));
    expect(scaled.items['sign']?.frame).toEqual({ x: 1180, y: 670, width: 200, height: 100, rotation: 0 });
    const kept = applyChanges(deck, setSlideSize(deck, own, 'keep'));
    expect(kept.items['sign']?.frame).toEqual({ x: 1230, y: 695, width: 100, height: 50, rotation: 0 });
    expect(setSlideSize(kept, { ...own }, 'scale')).toEqual([]);
  });
});
