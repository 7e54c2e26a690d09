import fc from 'fast-check';
import { DeckBuilder } from '../testing/index.js';
import { bendKey, CARD, layOutMap, looseEnds, type MapSketch, mapWays, shortestWay, slidesAlong } from './index.js';

describe('ways on the map', () => {
  const { deck } = new DeckBuilder()
    .slide('gate')
    .item('on', 'shape', { name: 'Onto the boards', link: { to: 'slide', slideId: 'fork' } })
    .slide('fork', { exits: 'links-only' })
    .item('left', 'shape', { link: { to: 'slide', slideId: 'splash' } })
    .item('back', 'shape', { link: { to: 'back' } })
    .item('lost', 'shape', { link: { to: 'slide', slideId: 'gone' } })
    .slide('hide')
    .slide('splash')
    .item('again', 'shape', { link: { to: 'first' } });

  test('links stand for themselves, the running order only where no link leads along it', () => {
    expect(mapWays(deck).map(({ from, to, link }) => [from, to, link?.itemId ?? 'order'])).toEqual([
      ['gate', 'fork', 'on'],
      ['fork', 'splash', 'left'],
      ['hide', 'splash', 'order'],
      ['splash', 'gate', 'again'],
    ]);
    expect(looseEnds(deck, 'fork').map(({ itemId }) => itemId)).toEqual(['back', 'lost']);
  });

  test('what can be reached from a slide, and what leads to it', () => {
    const ways = mapWays(deck);
    expect([...slidesAlong(ways, 'hide', 'onward')].sort()).toEqual(['fork', 'gate', 'hide', 'splash']);
    expect([...slidesAlong(ways, 'hide', 'back')]).toEqual(['hide']);
    expect(shortestWay(ways, 'hide', 'fork')).toEqual(['hide', 'splash', 'gate', 'fork']);
    expect(shortestWay(ways, 'gate', 'hide')).toEqual([]);
    expect([...slidesAlong(ways, 'fork', 'back')].sort()).toEqual(['fork', 'gate', 'hide', 'splash']);
  });
});

const slides = Array.from({ length: 14 }, (_, place) => `s${place}`);
const ways = fc.array(
  fc.record({ from: fc.constantFrom(...slides), to: fc.constantFrom(...slides), isLink: fc.boolean() }),
  { maxLength: 30 },
);
const sketch = (fields: Partial<MapSketch>): MapSketch => ({
  slides,
  ways: [],
  sections: {},
  byHand: {},
  before: {},
  ...fields,
});

describe('laying out the map', () => {
  test('no card lies on another, and what was placed by hand stays there', () => {
    fc.assert(
      fc.property(ways, fc.integer({ min: -400, max: 900 }), fc.integer({ min: -400, max: 900 }), (drawn, x, y) => {
        const { places } = layOutMap(sketch({ ways: drawn, byHand: { s3: { x, y } } }));
        expect(places['s3']).toEqual({ x, y });
        const all = Object.values(places);
        expect(all).toHaveLength(slides.length);
        all.forEach((one, place) => {
          for (const other of all.slice(place + 1))
            expect(Math.abs(one.x - other.x) >= CARD.width || Math.abs(one.y - other.y) >= CARD.height).toBe(true);
        });
      }),
      { numRuns: 60 },
    );
  });

  test('a route runs from left to right, and the same map is laid out the same', () => {
    const chain = slides.slice(1).map((to, place) => ({ from: slides[place] ?? '', to, isLink: true }));
    const { places } = layOutMap(sketch({ ways: chain }));
    const xs = slides.map((id) => places[id]?.x ?? 0);
    expect(xs).toEqual([...xs].sort((a, b) => a - b));
    expect(layOutMap(sketch({ ways: chain })).places).toEqual(places);
  });

  test('a slide more at the end of a branch moves at most a few of the others', () => {
    const tree = slides.slice(1).map((to, place) => ({ from: slides[place >> 1] ?? '', to, isLink: true }));
    const before = layOutMap(sketch({ ways: tree })).places;
    const { places: after } = layOutMap(
      sketch({ slides: [...slides, 'new'], ways: [...tree, { from: 's13', to: 'new', isLink: true }], before }),
    );
    const moved = slides.filter((id) => before[id]?.x !== after[id]?.x || before[id]?.y !== after[id]?.y);
    expect(moved.length).toBeLessThanOrEqual(3);
    expect(after['new']?.x).toBeGreaterThan(after['s13']?.x ?? 0);
  });

  test('a way past other cards bends round them, and goes straight again when a card is put elsewhere by hand', () => {
    const chain = slides.slice(1, 5).map((to, place) => ({ from: slides[place] ?? '', to, isLink: true }));
    const past = [...chain, { from: 's0', to: 's4', isLink: true }];
    const { places, bends } = layOutMap(sketch({ slides: slides.slice(0, 5), ways: past }));
    const around = bends[bendKey('s0', 's4')] ?? [];
    expect(around.length).toBeGreaterThan(1);
    for (const bend of around)
      for (const card of Object.values(places)) {
        const isOn =
          bend.x > card.x && bend.x < card.x + CARD.width && bend.y > card.y && bend.y < card.y + CARD.height;
        expect(isOn).toBe(false);
      }
    const byHand = { s4: { x: 2000, y: 900 } };
    expect(layOutMap(sketch({ slides: slides.slice(0, 5), ways: past, byHand })).bends).toEqual({});
  });
});
