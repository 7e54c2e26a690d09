/** What is written as Markdown is read again. */
import fc from 'fast-check';
import {
  cellsOf,
  emptyDeck,
  itemsOf,
  lettersOf,
  linkedWordsOf,
  readRichText,
  slidesInOrder,
  tableOfTexts,
} from '../../deck/index.js';
import { DeckBuilder } from '../../testing/index.js';
import { readMarkdown, writeMarkdown, writeOutline } from './index.js';

const words = { notes: 'Notes', slide: (number: number) => `Slide ${number}` };
const text = readRichText({
  type: 'doc',
  content: [
    { type: 'paragraph', content: [{ type: 'text', text: 'It is 5 * 3 # _dark_', marks: [] }] },
    {
      type: 'bulletList',
      content: [
        {
          type: 'listItem',
          content: [{ type: 'paragraph', content: [{ type: 'text', text: 'owl', marks: [{ type: 'bold' }] }] }],
        },
      ],
    },
  ],
});
const { deck } = new DeckBuilder()
  .slide('gate', { name: 'The gate', notes: 'Lights off.' })
  .item('words', 'text', { fields: { text } })
  .item('in', 'shape', {
    link: { to: 'slide', slideId: 'hide' },
    fields: {
      text: readRichText({
        type: 'doc',
        content: [{ type: 'paragraph', content: [{ type: 'text', text: 'Go in' }] }],
      }),
    },
  })
  .slide('hide', { name: 'The hide' });

test('has a heading a slide, choices as links, and notes; and is read again', () => {
  const written = writeMarkdown(deck, words).text;
  expect(written).toContain('# The gate\n');
  expect(written).toContain('- [Go in](#the-hide)');
  expect(written).toContain('> **Notes:** Lights off.');
  const again = readMarkdown(written, emptyDeck('Walk')).deck;
  const [gate, hide] = slidesInOrder(again);
  expect([gate?.name, hide?.name]).toEqual(['The gate', 'The hide']);
  const texts = itemsOf(again, gate?.id ?? '').flatMap((item) => (item.kind === 'text' ? [item.text] : []));
  expect(texts.map(lettersOf).join('\n')).toContain('It is 5 * 3 # _dark_\nowl');
  expect(texts.flatMap(linkedWordsOf)).toEqual([{ words: 'Go in', destination: { to: 'slide', slideId: hide?.id } }]);
});

test('notes come back as notes, and tables as tables with what is bold and linked in them', () => {
  const cell = (text: string, marks: readonly object[] = []) =>
    readRichText({
      type: 'doc',
      content: [{ type: 'paragraph', content: text ? [{ type: 'text', text, marks }] : [] }],
    });
  const link = { type: 'link', attrs: { destination: { to: 'slide', slideId: 'b' } } };
  const rows = [
    [cell('When'), cell('How | high')],
    [cell('dusk', [{ type: 'bold' }]), cell('2 \\| 3 m', [link])],
    [cell(''), cell('*low*')],
  ];
  const tabled = (headings: 'row' | 'none') =>
    new DeckBuilder()
      .slide('a', { name: 'Tides', notes: 'Say: slowly.\n**Wait**\n\n> then go' })
      .item('words', 'text', { fields: { text: cell('Look:') } })
      .item('t', 'table', { fields: { ...tableOfTexts(rows), headings } })
      .slide('b', { name: 'Next' }).deck;
  for (const headings of ['row', 'none'] as const) {
    const { deck: again, unread } = readMarkdown(writeMarkdown(tabled(headings), words).text, emptyDeck('Walk'));
    expect(unread).toEqual([]);
    const [first, next] = slidesInOrder(again);
    expect(first?.notes).toBe('Say: slowly.\n**Wait**\n\n> then go');
    const items = itemsOf(again, first?.id ?? '');
    const body = items.find(({ role }) => role === 'body');
    expect(body?.kind === 'text' && lettersOf(body.text)).toBe('Look:');
    const table = items.find(({ kind }) => kind === 'table');
    if (!body || table?.kind !== 'table') throw new Error('no table');
    expect(table.headings).toBe(headings);
    expect(cellsOf(table).map(({ text }) => lettersOf(text))).toEqual(rows.flat().map(lettersOf));
    expect(cellsOf(table).flatMap(({ text }) => linkedWordsOf(text))).toEqual([
      { words: '2 \\| 3 m', destination: { to: 'slide', slideId: next?.id } },
    ]);
    expect(body.frame.y + body.frame.height).toBeLessThan(table.frame.y);
  }
});

test('a quote without the sign of notes stays a quote; a table alone has the whole place; one too large is told', () => {
  const read = (text: string) => readMarkdown(text, emptyDeck('Walk'));
  const quoted = read('# A\n\n> **Owl:** hoo\n').deck;
  const [slide] = slidesInOrder(quoted);
  expect(slide?.notes).toBe('');
  expect(Object.values(quoted.items).flatMap((item) => (item.kind === 'text' ? [lettersOf(item.text)] : []))).toEqual([
    'A',
    'Owl: hoo',
  ]);
  const alone = read('# A\n\n|a|\n|-|\n|b|\n').deck;
  expect(Object.values(alone.items).map(({ role, kind }) => role ?? kind)).toEqual(['title', 'table']);
  const long = `# A\n\n|a|\n|-|\n${'|b|\n'.repeat(30)}`;
  expect(read(long).unread).toHaveLength(1);
});

test('an outline has the names at the margin', () => {
  expect(writeOutline(deck, words).text).toBe('The gate\n  It is 5 * 3 # _dark_\n  owl\n  Go in\n\nThe hide\n');
});

test('no name of a slide and no word becomes a sign', () => {
  fc.assert(
    fc.property(fc.string({ unit: fc.constantFrom(...'a*_#[]`<>|\\-+1.~! '), maxLength: 14 }), (said) => {
      const name = said.trim();
      if (name === '') return;
      const made = new DeckBuilder().slide('x', { name }).item('t', 'text', {
        fields: {
          text: readRichText({
            type: 'doc',
            content: [{ type: 'paragraph', content: [{ type: 'text', text: `b${name}` }] }],
          }),
        },
      }).deck;
      const again = readMarkdown(writeMarkdown(made, words).text, emptyDeck('Walk')).deck;
      const [slide] = slidesInOrder(again);
      expect(slide?.name.replaceAll(/\s+/g, ' ')).toBe(name.replaceAll(/\s+/g, ' '));
      const body = itemsOf(again, slide?.id ?? '').find(({ role }) => role === 'body');
      expect(body?.kind === 'text' && lettersOf(body.text).replaceAll(/\s+/g, ' ')).toBe(
        `b${name}`.replaceAll(/\s+/g, ' '),
      );
    }),
  );
});

/** Words with every sign that means something in Markdown; their ends are no spaces, which Markdown does not keep. */
const said = fc
  .array(fc.constantFrom(...'ab1.)-+=*_#[]()`<>|\\~!&;:@/ ', 'www.', 'https://', '&amp;', '---', '1. '), {
    minLength: 1,
    maxLength: 8,
  })
  .map((parts) => parts.join('').replaceAll(/\s+/g, ' ').trim())
  .filter((words) => words !== '');
const marks = fc.constantFrom(
  [],
  [{ type: 'bold' }],
  [{ type: 'italic' }],
  [{ type: 'bold' }, { type: 'italic' }],
  [{ type: 'link', attrs: { destination: { to: 'slide', slideId: 'next' } } }],
  [{ type: 'link', attrs: { destination: { to: 'web', address: 'https://marrambay.example/a_(b)' } } }],
);
/** Words of which some are marked, with a space between: what is marked within a word Markdown does not always keep. */
const paragraph = fc.array(fc.tuple(said, marks), { minLength: 1, maxLength: 3 }).map((runs) => ({
  type: 'paragraph',
  content: runs.flatMap(([text, own], at) => [
    ...(at === 0 ? [] : [{ type: 'text', text: ' ', marks: [] }]),
    { type: 'text', text, marks: own },
  ]),
}));
const listOf = (inner: fc.Arbitrary<object> | null): fc.Arbitrary<object> => {
  const deeper = inner ? fc.array(inner, { maxLength: 1 }) : fc.constant([]);
  const entry = fc.tuple(paragraph, deeper).map(([first, rest]) => ({ type: 'listItem', content: [first, ...rest] }));
  return fc.record({
    type: fc.constantFrom('bulletList', 'orderedList'),
    content: fc.array(entry, { minLength: 1, maxLength: 3 }),
  });
};
const quote = fc.array(paragraph, { minLength: 1, maxLength: 2 }).map((content) => ({ type: 'blockquote', content }));
const anyText = fc
  .array(fc.oneof(paragraph, listOf(listOf(null)), quote), { minLength: 1, maxLength: 4 })
  .map((content) => readRichText({ type: 'doc', content }))
  // Two lists, or two quotes, right after each other are one to whoever reads them.
  .filter(({ content }) => content.every(({ type }, at) => type === 'paragraph' || type !== content[at - 1]?.type));

test('whatever a text says, in lists and quotes, marked and linked, comes back as it was', () => {
  fc.assert(
    fc.property(anyText, (text) => {
      const { deck } = new DeckBuilder()
        .slide('one', { name: 'One' })
        .item('t', 'text', { fields: { text } })
        .slide('next', { name: 'Next' });
      let count = 0;
      const again = readMarkdown(writeMarkdown(deck, words).text, emptyDeck('Walk'), () =>
        (count += 1) === 2 ? 'next' : `i${count}`,
      );
      const [slide] = slidesInOrder(again.deck);
      const body = itemsOf(again.deck, slide?.id ?? '').find(({ role }) => role === 'body');
      expect(again.unread).toEqual([]);
      expect(body?.kind === 'text' && body.text).toEqual(text);
    }),
  );
});

test('whatever stands in the cells of a table comes back in them', () => {
  const cell = fc
    .oneof(paragraph, fc.constant({ type: 'paragraph' }))
    .map((content) => readRichText({ type: 'doc', content: [content] }));
  const rows = fc
    .integer({ min: 1, max: 3 })
    .chain((columns) =>
      fc.array(fc.array(cell, { minLength: columns, maxLength: columns }), { minLength: 2, maxLength: 4 }),
    )
    // A first row without words is one of a table without heads.
    .filter(([head = []]) => head.some((text) => lettersOf(text) !== ''));
  fc.assert(
    fc.property(rows, fc.constantFrom('row' as const, 'none' as const), (texts, headings) => {
      const { deck } = new DeckBuilder()
        .slide('one', { name: 'One' })
        .item('t', 'table', { fields: { ...tableOfTexts(texts), headings } })
        .slide('next', { name: 'Next' });
      let count = 0;
      const again = readMarkdown(writeMarkdown(deck, words).text, emptyDeck('Walk'), () =>
        (count += 1) === 2 ? 'next' : `i${count}`,
      );
      const table = Object.values(again.deck.items).find(({ kind }) => kind === 'table');
      if (table?.kind !== 'table') throw new Error('no table');
      expect([again.unread, table.headings]).toEqual([[], headings]);
      expect(cellsOf(table).map(({ text }) => text)).toEqual(texts.flat());
    }),
  );
});

test('the names and the lines of an outline come back, as deep as they stood', () => {
  /** What begins like a line of a list becomes one, and what begins like a heading makes Markdown of it. */
  const line = said.filter((words) => !/^([-*+•–>|#]|\d+[.)])/.test(words));
  const paragraphOf = (text: string) => ({ type: 'paragraph', content: [{ type: 'text', text, marks: [] }] });
  const list = fc
    .array(fc.tuple(line, fc.array(line, { maxLength: 2 })), { minLength: 1, maxLength: 3 })
    .map((lines) => ({
      type: 'bulletList',
      content: lines.map(([outer, inner]) => ({
        type: 'listItem',
        content: [
          paragraphOf(outer),
          ...(inner.length > 0
            ? [
                {
                  type: 'bulletList',
                  content: inner.map((text) => ({ type: 'listItem', content: [paragraphOf(text)] })),
                },
              ]
            : []),
        ],
      })),
    }))
    .map((content) => readRichText({ type: 'doc', content: [content] }));
  const slides = fc.array(fc.tuple(line, list), { minLength: 1, maxLength: 3 });
  fc.assert(
    fc.property(slides, (given) => {
      // A line that says what its slide is called is left out.
      const own = given.filter(([name, text]) => !lettersOf(text).split('\n').includes(name));
      const builder = new DeckBuilder();
      own.forEach(([name, text], at) => builder.slide(`s${at}`, { name }).item(`t${at}`, 'text', { fields: { text } }));
      const { deck, unread } = readMarkdown(writeOutline(builder.deck, words).text, emptyDeck('Walk'));
      expect(unread).toEqual([]);
      const found = slidesInOrder(deck).map(({ id, name }) => [
        name,
        itemsOf(deck, id).flatMap((item) => (item.kind === 'text' && item.role === 'body' ? [item.text] : []))[0],
      ]);
      expect(found).toEqual(own);
    }),
  );
});

test('a number with a dot alone in a quote is no list', () => {
  const list = {
    type: 'bulletList',
    content: [{ type: 'listItem', content: [{ type: 'paragraph', content: [{ type: 'text', text: 'a' }] }] }],
  };
  const quoted = { type: 'blockquote', content: [{ type: 'paragraph', content: [{ type: 'text', text: '1.' }] }] };
  const text = readRichText({ type: 'doc', content: [quoted, list] });
  const { deck } = new DeckBuilder().slide('one').item('t', 'text', { fields: { text } });
  const again = readMarkdown(writeMarkdown(deck, words).text, emptyDeck('Walk')).deck;
  const body = Object.values(again.items).find(({ role }) => role === 'body');
  expect(body?.kind === 'text' && body.text).toEqual(text);
});

test('links lead to their slides whatever these are called: alike, with spaces, or as another is counted', () => {
  const name = fc
    .array(fc.constantFrom('a', 'A', 'a-1', '  ', '!', '-', '1'), { minLength: 1, maxLength: 3 })
    .map((parts) => parts.join('').trim())
    .filter((each) => /[a1]/i.test(each));
  fc.assert(
    fc.property(fc.array(name, { minLength: 2, maxLength: 6 }), (names) => {
      const builder = new DeckBuilder();
      names.forEach((each, at) => builder.slide(`s${at}`, { name: each }));
      names.forEach((_each, at) => {
        const link = { type: 'link', attrs: { destination: { to: 'slide', slideId: `s${at}` } } };
        const content = [{ type: 'paragraph', content: [{ type: 'text', text: `to ${at}`, marks: [link] }] }];
        builder.item(`t${at}`, 'text', { fields: { text: readRichText({ type: 'doc', content }) } });
      });
      const { deck, unread } = readMarkdown(writeMarkdown(builder.deck, words).text, emptyDeck('Walk'));
      expect(unread).toEqual([]);
      const order = slidesInOrder(deck).map(({ id }) => id);
      const links = Object.values(deck.items).flatMap((item) => (item.kind === 'text' ? linkedWordsOf(item.text) : []));
      const led = new Map(
        links.map(({ words: said, destination }) => [said, destination.to === 'slide' ? destination.slideId : '']),
      );
      names.forEach((_each, at) => expect(led.get(`to ${at}`)).toBe(order[at]));
    }),
  );
});
