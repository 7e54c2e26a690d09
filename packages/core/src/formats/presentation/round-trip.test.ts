/** What goes into presentation files comes out of them again, as far as they can say it. */
import { sha256 } from '@noble/hashes/sha2';
import { bytesToHex } from '@noble/hashes/utils';
import fc from 'fast-check';
import {
  cellsOf,
  colourIn,
  type Deck,
  type Destination,
  groupItems,
  type Item,
  lineHeads,
  readDeck,
  type RichText,
  runsOf,
  sameDestination,
  setLayer,
  setLocked,
  shapeNames,
  slidesInOrder,
  tableOfWords,
  type TextLook,
  type TextMark,
  themeOn,
  themes,
  transitionNames,
} from '../../deck/index.js';
import { DeckBuilder } from '../../testing/index.js';
import { writeOdf } from '../odf/index.js';
import { writeOoxml } from '../ooxml/index.js';
import { plainDeck, type PlainItem } from './plain-deck.js';
import { flatParagraphs, type FlatParagraph, textOfParagraphs } from './paragraphs.js';
import { playSign } from './play-sign.js';
import { readPresentation } from './read-presentation.js';

const png = playSign('#0b5f5c');
const pictureId = bytesToHex(sha256(png));
const contents = new Map([[pictureId, png]]);

const unit = fc.integer({ min: 0, max: 900 });
const side = fc.integer({ min: 44, max: 400 });
const frame = fc.record({
  x: unit,
  y: fc.integer({ min: 0, max: 600 }),
  width: side,
  height: side,
  rotation: fc.constantFrom(0, 0, 0, 15, 90, 213),
});
const colour = fc.constantFrom('words', 'accent', 'second', '#a1b2c3', '#0f5c5a');
const letters = fc
  .string({
    unit: fc.constantFrom('a', 'é', 'ß', ' ', 'ç', '漢', '&', '<', '"', "'", '5', '😀'),
    minLength: 1,
    maxLength: 12,
  })
  .filter((text) => text.trim() !== '');
const address: fc.Arbitrary<Destination> = fc.constantFrom(
  { to: 'web', address: 'https://marrambay.example/tides?a=1&b=2' },
  { to: 'slide', slideId: 'second' },
);
const press: fc.Arbitrary<Destination> = fc.oneof(
  address,
  fc.constantFrom<Destination>(
    { to: 'next' },
    { to: 'previous' },
    { to: 'first' },
    { to: 'last' },
    { to: 'back' },
    { to: 'end' },
  ),
);
const marks: fc.Arbitrary<readonly TextMark[]> = fc
  .record({
    bold: fc.boolean(),
    italic: fc.boolean(),
    raised: fc.constantFrom(null, 'subscript' as const, 'superscript' as const),
    highlight: fc.constantFrom(null, '#ffe27a'),
    style: fc.option(
      fc.record({
        color: fc.option(colour),
        fontSize: fc.constantFrom(null, 18, 40),
        font: fc.constantFrom(null, 'mono' as const, 'serif' as const),
      }),
    ),
    link: fc.option(address, { freq: 5 }),
  })
  .map(({ bold, italic, raised, highlight, style, link }): readonly TextMark[] => [
    ...(bold ? [{ type: 'bold' as const }] : []),
    ...(highlight ? [{ type: 'highlight' as const, attrs: { color: highlight } }] : []),
    ...(italic ? [{ type: 'italic' as const }] : []),
    ...(link ? [{ type: 'link' as const, attrs: { destination: link } }] : []),
    ...(raised ? [{ type: raised }] : []),
    ...(style && Object.values(style).some((each) => each !== null)
      ? [{ type: 'textStyle' as const, attrs: { ...style, color: link ? null : style.color } }]
      : []),
  ]);
const paragraph: fc.Arbitrary<FlatParagraph> = fc.record({
  mark: fc.constantFrom('none', 'none', 'bullet', 'number', 'quote'),
  level: fc.integer({ min: 0, max: 2 }),
  align: fc.constantFrom(null, null, 'center' as const, 'right' as const),
  content: fc
    .tuple(
      letters,
      fc.array(
        fc.oneof(
          {
            weight: 5,
            arbitrary: fc
              .tuple(letters, marks)
              .map(([text, own]) => ({ type: 'text' as const, text, ...(own.length > 0 ? { marks: own } : {}) })),
          },
          { weight: 1, arbitrary: fc.constant({ type: 'hardBreak' as const }) },
        ),
        { maxLength: 3 },
      ),
    )
    .map(([first, rest]) => [{ type: 'text' as const, text: first }, ...rest]),
});
const richText: fc.Arbitrary<RichText> = fc
  .array(paragraph, { minLength: 1, maxLength: 5 })
  // Levels grow by one at a time, as nothing stands in a list that is not there.
  .map((all) => {
    let depth = -1;
    const tidy = all.map((each) => {
      const level = each.mark === 'none' ? 0 : Math.min(each.level, depth + 1);
      depth = each.mark === 'none' ? -1 : level;
      return { ...each, level };
    });
    return textOfParagraphs(tidy);
  });
const look: fc.Arbitrary<Partial<TextLook>> = fc.record({
  size: fc.constantFrom(20, 28, 36),
  color: colour,
  align: fc.constantFrom('left' as const, 'center' as const),
  upright: fc.constantFrom('top' as const, 'middle' as const, 'bottom' as const),
  fit: fc.constantFrom('leave' as const, 'shrink' as const, 'grow' as const),
});

interface Made {
  readonly builder: DeckBuilder;
}

/** A way of placing one item on the first slide. */
const placing: fc.Arbitrary<(made: Made, id: string) => void> = fc.oneof(
  fc
    .record({ frame, text: richText, look })
    .map(({ frame: at, text, look: set }) => ({ builder }: Made, id: string) => {
      const whole = {
        size: 28,
        color: 'words',
        align: 'left',
        upright: 'top',
        heading: false,
        font: null,
        lineSpacing: null,
        weight: null,
        tracking: null,
        fit: 'leave',
        style: null,
        own: [],
        ...set,
      } as const;
      builder.item(id, 'text', { frame: at, fields: { text, look: whole } });
    }),
  fc
    .record({
      frame,
      shape: fc.constantFrom(...shapeNames),
      fill: fc.oneof(colour, fc.constant('transparent')),
      outline: colour,
      outlineWidth: fc.constantFrom(1, 2, 6),
      dash: fc.constantFrom('solid' as const, 'dashed' as const, 'dotted' as const),
      opacity: fc.constantFrom(1, 0.5),
      text: richText,
      link: fc.option(press),
    })
    .map(({ frame: at, link, ...fields }) => ({ builder }: Made, id: string) => {
      builder.item(id, 'shape', { frame: at, fields: { ...fields, boxStyle: null }, ...(link ? { link } : {}) });
    }),
  fc
    .record({
      frame,
      opacity: fc.constantFrom(1, 0.4),
      crop: fc.constantFrom({ x: 0, y: 0, width: 1, height: 1 }, { x: 0.25, y: 0.125, width: 0.5, height: 0.75 }),
      flippedAcross: fc.boolean(),
      flippedDown: fc.boolean(),
      alt: fc.constantFrom('', 'A sign & more'),
    })
    .map(({ frame: at, ...fields }) => ({ builder }: Made, id: string) => {
      const pixels = { width: 96, height: 96 };
      builder.item(id, 'picture', { frame: at, fields: { ...fields, picture: pictureId, pixels } });
    }),
  fc
    .record({
      frame: frame.map((at) => ({ ...at, rotation: 0 })),
      shape: fc.constantFrom('ellipse', 'rectangle'),
      crop: fc.constantFrom({ x: 0, y: 0, width: 1, height: 1 }, { x: 0.25, y: 0, width: 0.5, height: 0.75 }),
    })
    .map(({ frame: at, ...fields }) => ({ builder }: Made, id: string) => {
      const pixels = { width: 96, height: 96 };
      builder.item(id, 'picture', { frame: at, fields: { ...fields, picture: pictureId, pixels } });
    }),
  fc.record({ frame, link: press }).map(({ frame: at, link }) => ({ builder }: Made, id: string) => {
    builder.item(id, 'hotspot', { frame: at, link, fields: { shape: 'ellipse' } });
  }),
  fc
    .array(
      fc.array(
        letters.map((text) => text.trim()),
        { minLength: 2, maxLength: 2 },
      ),
      { minLength: 2, maxLength: 4 },
    )
    .map((rows) => ({ builder }: Made, id: string) => {
      const at = { x: 40, y: 60, width: 480, height: 240, rotation: 0 };
      builder.item(id, 'table', { frame: at, fields: { ...tableOfWords(rows), headings: 'row' } });
    }),
);

const anyDeck: fc.Arbitrary<Deck> = fc
  .record({
    theme: fc.constantFrom(...themes),
    layout: fc.constantFrom('blank' as const, 'title' as const, 'section' as const),
    placings: fc.array(placing, { maxLength: 4 }),
    notes: fc.constantFrom('', 'Say it\nslowly: 1 < 2 & so on', ' '),
    leftOut: fc.boolean(),
    transition: fc.constantFrom(...transitionNames),
    stays: fc.constantFrom(null, 7),
    background: fc.constantFrom('ground', '#123456'),
    wash: fc.constantFrom(null, { to: '#abcdef', angle: 0 }, { to: '#a1b2c3', angle: 135 }),
    backdrop: fc.boolean(),
    grouped: fc.boolean(),
    head: fc.constantFrom(...lineHeads),
  })
  .map(({ theme, placings, backdrop, grouped, head, ...slide }) => {
    const builder = new DeckBuilder('Tides & more');
    builder.apply([{ type: 'set-deck', fields: { theme, language: 'en-GB' } }]);
    builder.slide('first', { ...slide, name: 'First “slide”' });
    placings.forEach((place, at) => place({ builder }, `i${at}`));
    const ids = placings.map((_place, at) => `i${at}`);
    builder.item('left', 'shape', {
      frame: { x: 20, y: 620, width: 60, height: 60, rotation: 0 },
      fields: { shape: 'sharp-rectangle', fill: '#ffffff', boxStyle: null },
    });
    builder.item('right', 'shape', {
      frame: { x: 900, y: 500, width: 60, height: 60, rotation: 0 },
      fields: { shape: 'sharp-rectangle', fill: '#ffffff', boxStyle: null },
    });
    builder.item('line', 'line', {
      fields: {
        from: { u: 0, v: 0, at: 'left', side: 'right', head: 'none' },
        to: { u: 1, v: 1, at: 'right', side: 'left', head: head === 'bar' ? 'none' : head },
      },
    });
    if (grouped && ids.length > 1) builder.apply(groupItems(builder.deck, ids.slice(0, 2), 'group'));
    const [first] = ids;
    if (backdrop && first !== undefined && !grouped) builder.apply(setLayer(builder.deck, [first], 'backdrop'));
    builder.apply(setLocked(builder.deck, ['right'], true));
    builder.slide('second');
    return builder.deck;
  });

const near = (value: number) => Math.round(value * 10) / 10 + 0;

/** What is said of a slide and its items that files of a kind can say, whoever says it. */
function told(deck: Deck, slideId: string, items: readonly Item[], slides: readonly string[]) {
  const slide = deck.slides[slideId];
  const theme = themeOn(deck.theme, slide?.layout ?? 'blank');
  const hex = (color: string) => colourIn(theme, color);
  const goal = (link: Destination | null | undefined) => {
    if (!link) return null;
    return link.to === 'slide' ? slides.indexOf(link.slideId) : link.to === 'web' ? link.address : link.to;
  };
  const words = (text: RichText, set: TextLook, own: Destination | null) => ({
    upright: set.upright,
    fit: set.fit,
    // What of letters the look says and what their marks do is the same to whoever reads them.
    paragraphs: flatParagraphs(text).map(({ mark, level, align, content }) => ({
      mark,
      level,
      align: align ?? set.align,
      letters: content.flatMap((inline) => {
        if (inline.type === 'hardBreak') return ['\n'];
        const of = <Type extends TextMark['type']>(type: Type) =>
          (inline.marks ?? []).find(
            (found): found is Extract<TextMark, { readonly type: Type }> => found.type === type,
          );
        const style = of('textStyle')?.attrs;
        // What leads where all of its shape leads is not said twice.
        const said = of('link')?.attrs.destination;
        const link = said && own && sameDestination(said, own) ? undefined : said;
        const isBold = of('bold') !== undefined || (set.weight === null ? set.heading : set.weight >= 600);
        const looks = [
          near(style?.fontSize ?? set.size),
          link ? 'as links' : hex(style?.color ?? set.color),
          style?.font ?? set.font ?? (set.heading ? theme.headingFont : theme.textFont),
          isBold,
          of('italic') !== undefined,
          of('subscript') ? 'sub' : of('superscript') ? 'super' : '',
          of('highlight') ? hex(of('highlight')?.attrs.color ?? '') : '',
          goal(link),
        ].join(' ');
        return [...inline.text].map((sign) => `${sign} ${looks}`);
      }),
    })),
  });
  const place = (id: string | null) => items.findIndex((item) => item.id === id);
  const item = (each: PlainItem) => {
    const frameOf = each.kind === 'line' ? null : Object.values(each.frame).map(near);
    const base = {
      kind: each.kind,
      frame: frameOf,
      layer: each.layer,
      link: goal(each.link),
      inGroup: each.groups.length,
    };
    switch (each.kind) {
      case 'text':
        return { ...base, words: words(each.text, each.look, each.link) };
      case 'shape': {
        const { shape, dash, outlineWidth, opacity, locked } = each;
        const looks = { shape, dash, outlineWidth, locked, fill: hex(each.fill), outline: hex(each.outline) };
        return {
          ...base,
          ...looks,
          opacity: each.fill === 'transparent' ? 1 : near(opacity),
          words: words(each.text, each.look, each.link),
        };
      }
      case 'picture': {
        const { picture, shape, crop, flippedAcross, flippedDown, opacity, alt } = each;
        return {
          ...base,
          picture,
          shape,
          crop: Object.values(crop).map((part) => Math.round(part * 1000)),
          flippedAcross,
          flippedDown,
          opacity,
          alt,
        };
      }
      case 'line': {
        const { from, to } = each;
        return {
          ...base,
          ends: [from, to].map(({ at, side: of, head }) => [place(at), of, head]),
          outline: hex(each.outline),
        };
      }
      case 'table':
        return {
          ...base,
          headings: each.headings,
          cells: cellsOf(each).map(({ text, row, column }) => [
            row,
            column,
            runsOf(text)
              .map((run) => run.text)
              .join(''),
          ]),
        };
      default:
        return base;
    }
  };
  const { name, notes, leftOut, transition, stays, background, layout, wash } = slide ?? {};
  return {
    name,
    notes,
    leftOut,
    transition: transition ?? deck.playing.transition,
    stays,
    wash: wash && { to: hex(wash.to), angle: near(wash.angle) },
    background: hex(background ?? ''),
    layout,
    items: (items as readonly PlainItem[]).map(item),
  };
}

describe.each([
  ['OpenDocument', writeOdf],
  ['Office Open XML', writeOoxml],
] as const)('%s', (_name, write) => {
  test('says again what it was told', () => {
    fc.assert(
      fc.property(anyDeck, (deck) => {
        const plain = plainDeck(deck);
        const { bytes } = write(plain, contents);
        const read = readPresentation(bytes, { ...deck, slides: {}, items: {}, sections: {} });
        if ('fault' in read) throw new Error(read.fault);
        expect(readDeck(JSON.parse(JSON.stringify(read.deck)))).toEqual({ deck: read.deck, problems: [] });
        const before = plain.slides.map(({ slide }) => slide.id);
        const after = slidesInOrder(read.deck).map(({ id }) => id);
        expect(after).toHaveLength(before.length);
        expect(read.deck.theme.name).toBe(deck.theme.name);
        expect(read.deck.title).toBe(deck.title);
        const again = plainDeck(read.deck);
        const [first, found] = [plain.slides[0], again.slides[0]];
        if (!first || !found) throw new Error('no slides');
        expect(told(read.deck, found.slide.id, found.items, after)).toEqual(
          told(deck, first.slide.id, first.items, before),
        );
      }),
      { numRuns: 120 },
    );
  }, 120_000);
});
