import fc from 'fast-check';
import { emptyDeck, itemsOf, lettersOf, linkedWordsOf, readDeck, slidesInOrder } from '../../deck/index.js';
import { readMarkdown } from './index.js';

const read = (text: string) => {
  let count = 0;
  return readMarkdown(text, emptyDeck('Walk'), () => `i${(count += 1)}`);
};
const told = (text: string) => {
  const { deck, unread } = read(text);
  const slides = slidesInOrder(deck).map(({ id, name }) => ({
    name,
    texts: itemsOf(deck, id).flatMap((item) => (item.kind === 'text' ? [lettersOf(item.text)] : [])),
  }));
  return { slides, unread };
};

test('each heading is a slide with what stands under it; a single first one opens the deck', () => {
  const { slides, unread } = told(
    '# Night walk\n\nClass 6\n\n## The gate\n\n- Owl\n  - small\n- Rail\n\n## The hide\n',
  );
  expect(slides).toEqual([
    { name: 'Night walk', texts: ['Night walk', 'Class 6'] },
    { name: 'The gate', texts: ['The gate', 'Owl\nsmall\nRail'] },
    { name: 'The hide', texts: ['The hide', ''] },
  ]);
  expect(unread).toEqual([]);
});

test.each([
  ['a line', 'Class 6\n', 'subtitle'],
  ['nothing', '', 'subtitle'],
  ['a list', '- The moon pulls\n- Twice a day\n', 'body'],
  ['three paragraphs', 'One.\n\nTwo.\n\nThree.\n', 'body'],
  ['a long paragraph', `${'The water rises and falls. '.repeat(8)}\n`, 'body'],
])('%s under the first heading stands where there is room for it', (_what, under, role) => {
  const { deck } = read(`# The tide\n\n${under}\n## Home\n`);
  const roles = itemsOf(deck, slidesInOrder(deck)[0]?.id ?? '').map((item) => item.role);
  expect(roles).toEqual(['title', role]);
});

test('links to headings lead to their slides, those to the web there, and others are told', () => {
  const { deck, unread } = read(
    '# Gate\n[Go on](#the-hide!) or [in](#the-hide), [look up](https://marrambay.example) [bad](javascript:alert(1))\n# The hide\n',
  );
  const [gate, hide] = slidesInOrder(deck);
  const links = itemsOf(deck, gate?.id ?? '').flatMap((item) => (item.kind === 'text' ? linkedWordsOf(item.text) : []));
  expect(links.map(({ destination }) => destination)).toEqual([
    { to: 'slide', slideId: hide?.id },
    { to: 'web', address: 'https://marrambay.example' },
  ]);
  expect(unread.map(({ said }) => said)).toEqual(['[Go on](#the-hide!)', '[bad](javascript:alert(1))']);
});

test('a plain outline needs no marks: names begin at the margin after an empty line', () => {
  expect(told('The gate\n  Owl\n  Rail\n\nThe hide\nIt is dark.\n').slides).toEqual([
    { name: 'The gate', texts: ['The gate', 'Owl\nRail'] },
    { name: 'The hide', texts: ['The hide', 'It is dark.'] },
  ]);
});

test('what is set in further in an outline stands in a list within; signs of Markdown are letters there', () => {
  const { deck } = read(
    'The *gate*\n\tOwl\n\t\t1) small_one\n\t\t2) `large`\n\tRail\nIt is dark.\nVery.\n\n3 hides\n - a\n',
  );
  const [gate, hides] = slidesInOrder(deck);
  expect([gate?.name, hides?.name]).toEqual(['The *gate*', '3 hides']);
  const body = itemsOf(deck, gate?.id ?? '').find(({ role }) => role === 'body');
  const line = (text: string) => ({ type: 'paragraph', content: [{ type: 'text', text }] });
  expect(body?.kind === 'text' && body.text.content).toEqual([
    {
      type: 'bulletList',
      content: [
        {
          type: 'listItem',
          content: [
            line('Owl'),
            {
              type: 'orderedList',
              content: [
                { type: 'listItem', content: [line('small_one')] },
                { type: 'listItem', content: [line('`large`')] },
              ],
            },
          ],
        },
        { type: 'listItem', content: [line('Rail')] },
      ],
    },
    line('It is dark.'),
    line('Very.'),
  ]);
});

test('pictures and HTML are told with their line, and nothing of them is fetched', () => {
  const { unread } = told('# A\n\n![owl](https://marrambay.example/owl.png)\n\n# B\n\n<b>x</b>\n');
  expect(unread.map(({ line, said }) => [line, said.split('\n')[0]])).toEqual([
    [1, '![owl](https://marrambay.example/owl.png)'],
    [5, '<b>'],
    [5, '</b>'],
  ]);
});

test('more than 500 slides are cut, and that is said', () => {
  const { deck, unread } = read(Array.from({ length: 503 }, (_, at) => `# S${at}`).join('\n'));
  expect(slidesInOrder(deck)).toHaveLength(500);
  expect(unread).toEqual([{ line: 501, kind: 'too-much', said: 'S500' }]);
});

test('whatever a text says, what is made of it is a deck that can be read again', () => {
  const piece = fc.constantFrom(
    '# ',
    '## ',
    '- ',
    '1. ',
    '> ',
    '\n',
    '\n\n',
    '  ',
    '[a](#b)',
    '**',
    '`',
    '|',
    '<i>',
    'word ',
  );
  fc.assert(
    fc.property(fc.array(fc.oneof(piece, fc.string({ unit: 'binary', maxLength: 6 })), { maxLength: 40 }), (pieces) => {
      const { deck } = read(pieces.join(''));
      expect(readDeck(JSON.parse(JSON.stringify(deck)))).toEqual({ deck, problems: [] });
    }),
  );
});
