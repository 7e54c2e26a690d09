import fc from 'fast-check';
import { DeckBuilder } from '../../testing/index.js';
import {
  addSlide,
  applyChanges,
  byRank,
  drawingOf,
  duplicateItems,
  duplicateSlide,
  emptyDeck,
  itemsOf,
  lettersOf,
  mapDestinations,
  moveItems,
  moveEntries,
  plainText,
  rankAt,
  readDeck,
  readDestination,
  readRichText,
  removeItems,
  removeSlide,
  restack,
  runsOf,
  safeWebAddress,
  setBelongs,
  setFrames,
  setItemFields,
  setLayer,
  setLoose,
  slidesInOrder,
  withoutKeysAndNotes,
} from '../index.js';

const names = (deck: Parameters<typeof slidesInOrder>[0]) => slidesInOrder(deck).map((slide) => slide.id);

describe('running order', () => {
  const three = new DeckBuilder().slide('one').slide('two').slide('three').deck;

  test('a slide added after another stands right behind it', () => {
    expect(names(applyChanges(three, addSlide(three, { id: 'new', name: 'New', after: 'one' })))).toEqual([
      'one',
      'new',
      'two',
      'three',
    ]);
  });

  test('slides are moved together and keep their order among themselves', () => {
    expect(names(applyChanges(three, moveEntries(three, ['three', 'two'], { id: 'one', side: 'before' })))).toEqual([
      'two',
      'three',
      'one',
    ]);
  });

  test('any sequence of moves is what the same moves do to a plain list', () => {
    const move = fc.record({ from: fc.nat({ max: 4 }), to: fc.nat({ max: 4 }) });
    fc.assert(
      fc.property(fc.array(move, { maxLength: 20 }), (moves) => {
        let deck = ['a', 'b', 'c', 'd', 'e'].reduce((builder, id) => builder.slide(id), new DeckBuilder()).deck;
        const list = ['a', 'b', 'c', 'd', 'e'];
        for (const { from, to } of moves) {
          const over = list[to] ?? '';
          const [id = ''] = list.splice(from, 1);
          list.splice(to, 0, id);
          deck = applyChanges(deck, moveEntries(deck, [id], { id: over, side: to > from ? 'after' : 'before' }));
        }
        expect(names(deck)).toEqual(list);
      }),
    );
  });

  test('two things with the same rank have an order, and a third can be placed after them', () => {
    const twins = [
      { id: 'b', rank: 'a0' },
      { id: 'a', rank: 'a0' },
    ].sort(byRank);
    expect(twins.map((twin) => twin.id)).toEqual(['a', 'b']);
    expect(rankAt(twins, 1) > 'a0').toBe(true);
  });

  test('a rank that is no rank does not stop others from being placed', () => {
    expect(typeof rankAt([{ id: 'x', rank: '!!' }], 1)).toBe('string');
  });
});

describe('slides', () => {
  test('a copied slide links to itself where the original did, and its zone expects the copied piece', () => {
    const deck = new DeckBuilder()
      .slide('walk')
      .item('again', 'shape', { link: { to: 'slide', slideId: 'walk' } })
      .item('eel', 'shape', { loose: true })
      .item('pool', 'zone', { fields: { belongs: ['eel'] } }).deck;
    let count = 0;
    const copied = applyChanges(
      deck,
      duplicateSlide(deck, 'walk', { id: 'copy', name: 'Copy', createId: () => `c${(count += 1)}` }),
    );
    const [again, eel, pool] = itemsOf(copied, 'copy');
    expect(again?.link).toEqual({ to: 'slide', slideId: 'copy' });
    expect(pool?.kind === 'zone' && pool.belongs).toEqual([eel?.id]);
  });

  test('removing a slide removes its items and leaves links to it open', () => {
    const deck = new DeckBuilder()
      .slide('a')
      .item('sign', 'shape', { link: { to: 'slide', slideId: 'b' } })
      .slide('b')
      .item('x', 'text').deck;
    const after = applyChanges(deck, removeSlide(deck, 'b'));
    expect(Object.keys(after.items)).toEqual(['sign']);
    expect(after.items['sign']?.link).toEqual({ to: 'slide', slideId: 'b' });
  });

  test('what a change does not touch is shared with the deck before', () => {
    const deck = new DeckBuilder().slide('a').item('x', 'text').slide('b').deck;
    const after = applyChanges(deck, [{ type: 'set-slide', id: 'b', fields: { name: 'Other' } }]);
    expect(after.slides['a']).toBe(deck.slides['a']);
    expect(after.items).toBe(deck.items);
  });
});

describe('the drawing of a slide', () => {
  const deck = new DeckBuilder().slide('a').item('x', 'text').item('y', 'shape').slide('b').item('z', 'text').deck;

  test('stays the very same value while only the rest of the deck changes', () => {
    const elsewhere = applyChanges(deck, [
      { type: 'set-deck', fields: { title: 'Other' } },
      { type: 'set-slide', id: 'b', fields: { name: 'Other' } },
      { type: 'set-item', id: 'z', fields: { name: 'Other' } },
    ]);
    expect(drawingOf(elsewhere, 'a')).toBe(drawingOf(deck, 'a'));
    expect(drawingOf(elsewhere, 'b')).not.toBe(drawingOf(deck, 'b'));
  });

  test('is another one as soon as the slide, an item or the slide size changes', () => {
    const before = drawingOf(deck, 'a');
    for (const change of [
      { type: 'set-slide', id: 'a', fields: { background: '#000000' } },
      { type: 'set-item', id: 'x', fields: { name: 'Other' } },
      { type: 'remove-item', id: 'y' },
      { type: 'set-deck', fields: { size: '4:3' } },
    ] as const) {
      const after = drawingOf(applyChanges(deck, [change]), 'a');
      expect(after).not.toBe(before);
      expect(Object.keys(after.slides)).toEqual(['a']);
    }
  });
});

describe('items', () => {
  const base = () =>
    new DeckBuilder()
      .slide('shore')
      .item('scene', 'picture', { layer: 'backdrop' })
      .item('eel', 'shape', { loose: true, frame: { x: 0, y: 0, width: 50, height: 20, rotation: 0 } })
      .item('pool', 'zone');

  test('nothing moves what is in the backdrop, and it lies behind everything', () => {
    const { deck } = base();
    expect(moveItems(deck, ['scene'], 10, 10)).toEqual([]);
    expect(setFrames(deck, { scene: { x: 1, y: 1, width: 1, height: 1, rotation: 0 } })).toEqual([]);
    expect(itemsOf(deck, 'shore')[0]?.id).toBe('scene');
  });

  test('an item set into the backdrop is fixed and can be taken out again', () => {
    const { deck } = base();
    const inside = applyChanges(deck, setLayer(deck, ['eel'], 'backdrop'));
    expect(inside.items['eel']).toMatchObject({ layer: 'backdrop', loose: false });
    expect(setLoose(inside, ['eel'], true)).toEqual([]);
    const outside = applyChanges(inside, setLayer(inside, ['eel'], 'slide'));
    expect(moveItems(outside, ['eel'], 5, 5)).toHaveLength(1);
  });

  test('a piece belongs into one zone at the most, and into none once it is removed', () => {
    const builder = base().item('bank', 'zone');
    builder.apply(setBelongs(builder.deck, 'eel', 'pool')).apply(setBelongs(builder.deck, 'eel', 'bank'));
    expect(builder.deck.items['pool']).toMatchObject({ belongs: [] });
    expect(builder.deck.items['bank']).toMatchObject({ belongs: ['eel'] });
    builder.apply(removeItems(builder.deck, ['eel']));
    expect(builder.deck.items['bank']).toMatchObject({ belongs: [] });
  });

  test('copies stand in front, set off, in the order of their originals', () => {
    const { deck } = base();
    const { changes, copies } = duplicateItems(
      deck,
      ['pool', 'eel'],
      (() => {
        let n = 0;
        return () => `copy${(n += 1)}`;
      })(),
    );
    const after = applyChanges(deck, changes);
    expect(
      itemsOf(after, 'shore')
        .slice(-2)
        .map((item) => item.id),
    ).toEqual(copies);
    expect(after.items['copy1']?.frame).toMatchObject({ x: 24, y: 24 });
  });

  test('an item brought to the front is drawn last', () => {
    const { deck } = base();
    expect(itemsOf(applyChanges(deck, restack(deck, ['eel'], 'front')), 'shore').at(-1)?.id).toBe('eel');
    expect(itemsOf(applyChanges(deck, restack(deck, ['pool'], 'back')), 'shore').map((i) => i.id)).toEqual([
      'scene',
      'pool',
      'eel',
    ]);
  });

  test('setting a field that cannot be read keeps the deck readable', () => {
    const { deck } = base();
    const after = applyChanges(
      deck,
      setItemFields(deck, 'eel', { fill: 'javascript:alert(1)', outline: '#B4492A', nonsense: 1 }),
    );
    expect(after.items['eel']).toMatchObject({ fill: 'ground', outline: '#b4492a' });
    expect(after.items['eel']).not.toHaveProperty('nonsense');
  });
});

describe('untrusted decks', () => {
  test('a deck survives being written as JSON and read again', () => {
    const { deck } = new DeckBuilder()
      .slide('a')
      .item('t', 'text', { fields: { text: plainText('one\ntwo') } })
      .item('q', 'choice', { fields: { choices: [{ id: 'x', text: 'Eel' }], right: ['x'] } });
    expect(readDeck(JSON.parse(JSON.stringify(deck)))).toEqual({ deck, problems: [] });
  });

  test('any JSON at all gives a deck, with what is wrong named', () => {
    fc.assert(
      fc.property(fc.jsonValue(), (value) => {
        const { deck, problems } = readDeck(value);
        expect(problems.length).toBeGreaterThan(0);
        expect(readDeck(JSON.parse(JSON.stringify(deck))).problems).toEqual([]);
      }),
    );
  });

  test('what earlier versions called otherwise is read', () => {
    const { deck } = new DeckBuilder()
      .slide('a')
      .item('current', 'line', { fields: { connectorStyle: 'curve' } })
      .item('q', 'number', { fields: { feedbackAt: 'at-once' } });
    const earlier = JSON.stringify(deck).replace('"connectorStyle"', '"way"').replace('"feedbackAt"', '"tells"');
    expect(earlier).not.toBe(JSON.stringify(deck));
    expect(readDeck(JSON.parse(earlier))).toEqual({ deck, problems: [] });
  });

  test('an item of an unknown kind or slide is left out and named', () => {
    const { deck, problems } = readDeck({
      ...emptyDeck('x'),
      items: { a: { kind: 'text', slideId: 'gone' }, b: { kind: 'constructor', slideId: 'gone' } },
    });
    expect(deck.items).toEqual({});
    expect(problems).toEqual(['Item a cannot be read.', 'Item b cannot be read.']);
  });

  test('without keys and notes nothing tells a student what is right', () => {
    const { deck } = new DeckBuilder()
      .slide('a', { notes: 'secret' })
      .item('piece', 'shape', { loose: true })
      .item('zone', 'zone', { fields: { belongs: ['piece'] } })
      .item('blank', 'blank', { fields: { accepted: ['secret'] } })
      .item('words', 'short-text', { fields: { accepted: ['secret'] } })
      .item('pick', 'choice', { fields: { choices: [{ id: 'c1', text: 'One' }], right: ['c1'] } });
    const bare = withoutKeysAndNotes(deck);
    expect(JSON.stringify(bare)).not.toContain('secret');
    expect(bare.items['zone']).toMatchObject({ belongs: [] });
    expect(bare.items['pick']).toMatchObject({ right: [] });
  });
});

describe('texts', () => {
  test('what the schema does not know is dropped, what it knows is kept in one form', () => {
    const text = readRichText({
      type: 'doc',
      content: [
        { type: 'heading', content: [{ type: 'text', text: 'gone' }] },
        {
          type: 'paragraph',
          attrs: { textAlign: 'center', onclick: 'x' },
          content: [
            { type: 'text', text: 'a', marks: [{ type: 'italic' }, { type: 'bold' }] },
            { type: 'text', text: 'b', marks: [{ type: 'bold' }, { type: 'italic' }] },
            {
              type: 'text',
              text: 'c',
              marks: [{ type: 'link', attrs: { destination: { to: 'web', address: 'javascript:x' } } }],
            },
          ],
        },
      ],
    });
    expect(text.content).toEqual([
      {
        type: 'paragraph',
        attrs: { textAlign: 'center' },
        content: [
          { type: 'text', text: 'ab', marks: [{ type: 'bold' }, { type: 'italic' }] },
          { type: 'text', text: 'c' },
        ],
      },
    ]);
  });

  test('quotes, fonts, highlights and raised letters are kept; fonts and colours nobody knows are not', () => {
    const run = (mark: object) => ({ type: 'text', text: 'x', marks: [mark] });
    const inQuote = (...marks: object[]) => ({
      content: [{ type: 'blockquote', content: [{ type: 'paragraph', content: marks.map(run) }] }],
    });
    const known = inQuote(
      { type: 'superscript' },
      { type: 'highlight', attrs: { color: '#f6ead0' } },
      { type: 'textStyle', attrs: { color: null, fontSize: null, font: 'mono' } },
    );
    expect(readRichText(known).content).toEqual(known.content);
    expect(lettersOf(readRichText(known))).toBe('xxx');
    const unknown = inQuote(
      { type: 'highlight', attrs: { color: 'url(x)' } },
      { type: 'textStyle', attrs: { font: 'Somebody Sans' } },
      { type: 'blink' },
    );
    expect(readRichText(unknown)).toEqual(
      readRichText({ content: [{ type: 'blockquote', content: plainText('xxx').content }] }),
    );
  });

  test('a link within a quote is re-tied with the others', () => {
    const text = readRichText({
      content: [
        {
          type: 'blockquote',
          content: [
            {
              type: 'paragraph',
              content: [
                { type: 'text', text: 'on', marks: [{ type: 'link', attrs: { destination: { to: 'back' } } }] },
              ],
            },
          ],
        },
      ],
    });
    expect(JSON.stringify(mapDestinations(text, () => ({ to: 'restart' })))).toContain('"to":"restart"');
    expect(runsOf(text)).toHaveLength(1);
  });

  test('a text of 100,000 letters is cut to what a slide may hold', () => {
    expect(lettersOf(readRichText(plainText('x'.repeat(100_000))))).toHaveLength(20_000);
  });

  test('lines of plain text come back as they were', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (letters) => expect(lettersOf(plainText(letters))).toBe(letters)),
    );
  });
});

describe('destinations', () => {
  test('only http, https and mailto addresses may be followed; a bare name is taken as https', () => {
    expect(safeWebAddress('marram.example/tides')).toBe('https://marram.example/tides');
    expect(safeWebAddress('http://marram.example')).toBe('http://marram.example');
    expect(safeWebAddress('mailto:odile@marram.example')).toBe('mailto:odile@marram.example');
    for (const bad of [
      'javascript:alert(1)',
      'data:text/html,x',
      'JaVaScRiPt:x',
      'two words.example',
      '',
      'file:///etc',
    ]) {
      expect(safeWebAddress(bad)).toBeNull();
    }
  });

  test('a destination nobody knows is none', () => {
    expect(readDestination({ to: 'slide', slideId: 7 })).toBeNull();
    expect(readDestination({ to: 'nowhere' })).toBeNull();
    expect(readDestination({ to: 'back' })).toEqual({ to: 'back' });
  });
});
