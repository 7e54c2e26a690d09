/** Layouts and slide sizes: what becomes of a slide's content. */
import fc from 'fast-check';
import { boundsOf, boxesMeet } from '../../geometry/index.js';
import { DeckBuilder } from '../../testing/index.js';
import {
  addSlideFrom,
  applyChanges,
  type Deck,
  emptyDeck,
  frameOfPart,
  itemsOf,
  type LayoutName,
  layoutNames,
  layouts,
  lettersOf,
  nameOf,
  plainText,
  scaleLetters,
  setItemFields,
  setLayout,
  setSlideSize,
  type SlideSizeName,
  slideSizes,
  sizeOf,
} from '../index.js';

let made = 0;
/** Makes ids that no other test has made. */
const counter = () => () => `i${(made += 1)}`;
const slideFrom = (layout: LayoutName): Deck => {
  const empty = emptyDeck('A deck');
  return applyChanges(empty, addSlideFrom(empty, layout, { id: 's', name: '', createId: counter() }));
};
const player = (deck: Deck, role: string) => itemsOf(deck, 's').find((item) => item.role === role);
/** Writes something into every part that holds words. */
const filled = (deck: Deck): Deck =>
  itemsOf(deck, 's').reduce(
    (next, item) =>
      item.kind === 'text' || item.kind === 'shape'
        ? applyChanges(next, setItemFields(next, item.id, { text: plainText(`for ${String(item.role)}`) }))
        : next,
    deck,
  );
const said = (deck: Deck) => itemsOf(deck, 's').map(nameOf).filter(Boolean).sort();

describe('layouts', () => {
  test.each(layoutNames)('the parts of “%s” stand on the slide, whatever its size, and play a part each', (name) => {
    const { parts } = layouts[name];
    expect(new Set(parts.map((part) => part.role)).size).toBe(parts.length);
    for (const size of Object.values(slideSizes)) {
      for (const part of parts) {
        const { x, y, width, height } = frameOfPart(part, size);
        expect(Math.min(x, y)).toBeGreaterThanOrEqual(0);
        expect(x + width).toBeLessThanOrEqual(size.width);
        expect(y + height).toBeLessThanOrEqual(size.height);
      }
    }
  });

  test.each(layoutNames)('another layout (“%s”) never opens a slide that is left by its links only', (layout) => {
    const deck = new DeckBuilder().slide('s', { exits: 'links-only' }).deck;
    expect(applyChanges(deck, setLayout(deck, 's', layout)).slides['s']?.exits).toBe('links-only');
    const open = new DeckBuilder().slide('s', { exits: 'open' }).deck;
    expect(applyChanges(open, setLayout(open, 's', layout)).slides['s']?.exits).toBe('open');
  });

  test.each(layoutNames)('no placeholder of another layout (“%s”) lies over what an author has placed', (layout) => {
    const frame = { x: 300, y: 60, width: 500, height: 300, rotation: 20 };
    const own = new DeckBuilder().slide('s').item('mine', 'text', { frame, fields: { text: plainText('Mine') } }).deck;
    const after = applyChanges(own, setLayout(own, 's', layout, counter()));
    for (const item of itemsOf(after, 's'))
      if (!own.items[item.id])
        expect([item.role, boxesMeet(boundsOf(frame), boundsOf(item.frame))]).toEqual([item.role, false]);
  });

  test('a slide from a layout has its parts, empty; a story is left by its choices only', () => {
    const deck = slideFrom('story');
    expect(itemsOf(deck, 's').map((item) => item.role)).toEqual(layouts.story.parts.map((part) => part.role));
    expect(said(deck)).toEqual([]);
    expect(deck.slides['s']).toMatchObject({ layout: 'story', exits: 'links-only' });
  });

  test('another layout moves what plays a part in both, and removes only what is empty', () => {
    const written = filled(slideFrom('two-columns'));
    const deck = applyChanges(written, setLayout(written, 's', 'title', counter()));
    expect(player(deck, 'title')?.frame).toEqual(player(slideFrom('title'), 'title')?.frame);
    expect(player(deck, 'body')?.frame).toEqual(player(written, 'body')?.frame);
    const title = player(deck, 'title');
    expect(title?.kind === 'text' && title.look.size).toBe(64);
    const empty = slideFrom('two-columns');
    const bare = applyChanges(empty, setLayout(empty, 's', 'blank'));
    expect(itemsOf(bare, 's')).toEqual([]);
  });

  test('a look of its own stays with what plays a part', () => {
    const start = slideFrom('two-columns');
    const title = player(start, 'title');
    if (title?.kind !== 'text') throw new Error('no title');
    const red = applyChanges(start, setItemFields(start, title.id, { look: { ...title.look, color: '#9b2242' } }));
    const deck = applyChanges(red, setLayout(red, 's', 'title', counter()));
    expect(deck.items[title.id]).toMatchObject({ look: { color: '#9b2242', size: 48 } });
  });

  test('whatever layouts a slide goes through, nothing that was written is lost', () => {
    const anyLayout = fc.constantFrom(...layoutNames);
    fc.assert(
      fc.property(anyLayout, fc.array(anyLayout, { maxLength: 5 }), (first, others) => {
        const start = filled(slideFrom(first));
        const end = others.reduce((deck, layout) => applyChanges(deck, setLayout(deck, 's', layout, counter())), start);
        expect(said(end)).toEqual(said(start));
      }),
    );
  });

  test('there and back again, everything written stands where it stood', () => {
    const start = filled(slideFrom('two-columns'));
    const there = applyChanges(start, setLayout(start, 's', 'story', counter()));
    const back = applyChanges(there, setLayout(there, 's', 'two-columns', counter()));
    for (const item of itemsOf(start, 's')) expect(back.items[item.id]?.frame).toEqual(item.frame);
  });
});

describe('slide sizes', () => {
  const deck = new DeckBuilder()
    .slide('s')
    .item('scene', 'picture', { layer: 'backdrop', frame: { x: 0, y: 0, width: 1280, height: 720, rotation: 0 } })
    .item('words', 'text', {
      frame: { x: 140, y: 160, width: 1000, height: 400, rotation: 0 },
      fields: { text: plainText('High water') },
    }).deck;
  const sizes = fc.constantFrom(...(Object.keys(slideSizes) as SlideSizeName[]));

  test('what covered the slide covers it still, undistorted; the rest is scaled about the middle', () => {
    const narrow = applyChanges(deck, setSlideSize(deck, '4:3', 'scale'));
    expect(narrow.items['scene']).toMatchObject({
      frame: { x: 0, y: 0, width: 960, height: 720 },
      crop: { x: 0.125, y: 0, width: 0.75, height: 1 },
    });
    expect(narrow.items['words']).toMatchObject({
      frame: { x: 105, y: 210, width: 750, height: 300 },
      look: { size: 21 },
    });
  });

  test('kept, things have their size and their distance from the middle', () => {
    const narrow = applyChanges(deck, setSlideSize(deck, '4:3', 'keep'));
    expect(narrow.items['words']).toMatchObject({ frame: { x: -20, width: 1000 }, look: { size: 28 } });
    expect(setSlideSize(deck, '16:9', 'scale')).toEqual([]);
  });

  test('scaled to any size, what stood on the slide stands on it, and what it says stays', () => {
    fc.assert(
      fc.property(fc.array(sizes, { maxLength: 4 }), (way) => {
        const end = way.reduce((next, size) => applyChanges(next, setSlideSize(next, size, 'scale')), deck);
        const words = end.items['words'];
        if (words?.kind !== 'text') throw new Error('the text is gone');
        const slide = sizeOf(end);
        expect(words.frame.x).toBeGreaterThanOrEqual(-0.001);
        expect(words.frame.x + words.frame.width).toBeLessThanOrEqual(slide.width + 0.001);
        expect(words.frame.y + words.frame.height).toBeLessThanOrEqual(slide.height + 0.001);
        expect(lettersOf(words.text)).toBe('High water');
        expect(end.items['scene']?.frame).toMatchObject(slide);
      }),
    );
  });

  test('letters with a size of their own are scaled with the others', () => {
    const text = {
      type: 'doc',
      content: [
        {
          type: 'paragraph',
          content: [
            {
              type: 'text',
              text: 'x',
              marks: [{ type: 'textStyle', attrs: { color: null, fontSize: 40, font: null } }],
            },
          ],
        },
      ],
    } as const;
    expect(JSON.stringify(scaleLetters(text, 0.5))).toContain('"fontSize":20');
  });
});
