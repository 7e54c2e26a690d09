import fc from 'fast-check';
import { DeckBuilder } from '../../testing/index.js';
import {
  addSection,
  addSlide,
  applyChanges,
  blockOf,
  type Change,
  type Deck,
  endSection,
  entriesInSight,
  entriesOf,
  isSection,
  moveEntries,
  nestSection,
  numberOf,
  readDeck,
  removeSection,
  sectionsAround,
  slidesWithin,
  stepEntries,
} from '../index.js';

/** Six slides: `shore` begins before b, `pools` in it before c, `marsh` after it before e. */
const sectioned = (): Deck => {
  let deck = 'abcdef'.split('').reduce((builder, id) => builder.slide(id), new DeckBuilder()).deck;
  const doing = (changes: Change[]) => (deck = applyChanges(deck, changes));
  doing(addSection(deck, { id: 'shore', title: 'Shore', before: 'b' }));
  doing(addSection(deck, { id: 'marsh', title: 'Marsh', before: 'e' }));
  doing(addSection(deck, { id: 'pools', title: 'Rock pools', before: 'c' }));
  doing(nestSection(deck, 'pools', 'in'));
  return deck;
};
const told = (deck: Deck) =>
  entriesOf(deck)
    .map((entry) => (isSection(entry) ? `${'·'.repeat(entry.depth)}[${entry.id}]` : entry.id))
    .join(' ');

describe('sections', () => {
  test('stand in the running order, reach to the next one, and nest', () => {
    const deck = sectioned();
    expect(told(deck)).toBe('a [shore] b ·[pools] c d [marsh] e f');
    expect(slidesWithin(deck, 'shore').map((slide) => slide.id)).toEqual(['b', 'c', 'd']);
    expect(blockOf(deck, 'pools').map((entry) => entry.id)).toEqual(['pools', 'c', 'd']);
    expect(sectionsAround(deck, 'd').map((section) => section.id)).toEqual(['shore', 'pools']);
    expect(sectionsAround(deck, 'a')).toEqual([]);
    expect(blockOf(deck, 'gone')).toEqual([]);
  });

  test('are moved as a whole', () => {
    const deck = sectioned();
    const moved = applyChanges(deck, moveEntries(deck, ['shore'], { id: 'f', side: 'after' }));
    expect(told(moved)).toBe('a [marsh] e f [shore] b ·[pools] c d');
    expect(moveEntries(deck, ['shore'], { id: 'c', side: 'after' })).toEqual([]);
  });

  test('pass the section beside them in one step, and come back in one', () => {
    const deck = sectioned();
    const later = applyChanges(deck, stepEntries(deck, ['shore'], 'later'));
    expect(told(later)).toBe('a [marsh] e f [shore] b ·[pools] c d');
    expect(told(applyChanges(later, stepEntries(later, ['shore'], 'earlier')))).toBe(told(deck));
    expect(stepEntries(later, ['shore'], 'later')).toEqual([]);
  });

  test('a slide steps over a heading, into the section and out of it', () => {
    const deck = sectioned();
    const into = applyChanges(deck, stepEntries(deck, ['a'], 'later'));
    expect(told(into)).toBe('[shore] a b ·[pools] c d [marsh] e f');
    expect(told(applyChanges(into, stepEntries(into, ['a'], 'earlier')))).toBe(told(deck));
    expect(stepEntries(deck, ['a'], 'earlier')).toEqual([]);
  });

  test('end without taking their slides along, or with them', () => {
    const deck = sectioned();
    expect(told(applyChanges(deck, endSection(deck, 'shore')))).toBe('a b [pools] c d [marsh] e f');
    expect(told(applyChanges(deck, removeSection(deck, 'shore')))).toBe('a [marsh] e f');
  });

  test('fold: what is in them is out of sight', () => {
    const inSight = entriesInSight(sectioned(), new Set(['shore', 'gone']));
    expect(inSight.map((entry) => entry.id)).toEqual(['a', 'shore', 'marsh', 'e', 'f']);
  });

  test('the first one cannot go into another, and none goes out of the outermost', () => {
    const deck = sectioned();
    expect(nestSection(deck, 'shore', 'in')).toEqual([]);
    expect(nestSection(deck, 'shore', 'out')).toEqual([]);
    expect(told(applyChanges(deck, nestSection(deck, 'pools', 'out')))).toBe('a [shore] b [pools] c d [marsh] e f');
  });

  test('a new slide after the last of a section is in that section', () => {
    const deck = sectioned();
    expect(told(applyChanges(deck, addSlide(deck, { id: 'x', name: '', after: 'd' })))).toBe(
      'a [shore] b ·[pools] c d x [marsh] e f',
    );
  });

  test('are read back from JSON as they were, whatever else is among them', () => {
    const deck = sectioned();
    expect(readDeck(JSON.parse(JSON.stringify(deck))).deck).toEqual(deck);
    const spoilt = { ...deck, sections: { ok: { title: 'T', rank: 'a0', depth: 99 }, bad: 3 } };
    expect(Object.values(readDeck(spoilt).deck.sections)).toEqual([{ id: 'ok', title: 'T', rank: 'a0', depth: 4 }]);
  });

  test('no move loses or doubles anything, and steps keep what is in a section in it', () => {
    const ids = fc.constantFrom('a', 'b', 'c', 'd', 'e', 'f', 'shore', 'pools', 'marsh');
    const step = fc.record({ ids: fc.array(ids, { maxLength: 3 }), step: fc.constantFrom('earlier', 'later') });
    fc.assert(
      fc.property(fc.array(step, { maxLength: 15 }), (steps) => {
        let deck = sectioned();
        for (const { ids: moving, step: way } of steps) {
          const held = moving.flatMap((id) => blockOf(deck, id).map((entry) => entry.id));
          deck = applyChanges(deck, stepEntries(deck, moving, way as 'earlier' | 'later'));
          const order = entriesOf(deck).map((entry) => entry.id);
          const places = held.map((id) => order.indexOf(id)).filter((_, at) => moving.length === 1 && at >= 0);
          expect(places).toEqual(places.map((_, at) => (places[0] ?? 0) + at));
        }
        expect(
          entriesOf(deck)
            .map((entry) => entry.id)
            .sort(),
        ).toEqual(
          entriesOf(sectioned())
            .map((entry) => entry.id)
            .sort(),
        );
      }),
    );
  });
});

describe('slide numbers', () => {
  test('count the slides of the show, and only numbered slides have one', () => {
    const deck = new DeckBuilder()
      .slide('a')
      .slide('b', { leftOut: true, numbered: true })
      .slide('c', { numbered: true }).deck;
    expect(['a', 'b', 'c'].map((id) => numberOf(deck, id))).toEqual([null, null, 2]);
  });
});
