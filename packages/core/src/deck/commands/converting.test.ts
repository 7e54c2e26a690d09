import { DeckBuilder } from '../../testing/index.js';
import { applyChanges, itemsOf, lettersOf, plainText, readDeck, readRichText } from '../index.js';
import { slideAsQuestion, slideAsWorksheet } from './converting.js';

const entry = (text: string) => ({
  type: 'listItem',
  content: [{ type: 'paragraph', content: [{ type: 'text', text }] }],
});
const list = readRichText({
  type: 'doc',
  content: [
    { type: 'paragraph', content: [{ type: 'text', text: 'Who was it?' }] },
    { type: 'bulletList', content: ['an otter', 'an owl'].map(entry) },
  ],
});
const slide = (text = list) =>
  new DeckBuilder()
    .slide('one')
    .item('title', 'text', { role: 'title', fields: { text: plainText('At the creek') } })
    .item('body', 'text', { frame: { x: 50, y: 200, width: 600, height: 300, rotation: 0 }, fields: { text } }).deck;

test('a list becomes the choices of a question, in the place of its text, and what stands before it what is asked', () => {
  const deck = slide();
  const made = slideAsQuestion(deck, 'one');
  const after = applyChanges(deck, made?.changes ?? []);
  expect(readDeck(JSON.parse(JSON.stringify(after)))).toEqual({ deck: after, problems: [] });
  const question = after.items[made?.itemId ?? ''];
  expect(question).toMatchObject({ kind: 'choice', prompt: 'Who was it?', frame: { x: 50, y: 200, width: 600 } });
  expect(question?.kind === 'choice' && question.choices.map(({ text }) => text)).toEqual(['an otter', 'an owl']);
  expect(itemsOf(after, 'one').map(({ kind }) => kind)).toEqual(['text', 'choice']);
  expect(slideAsQuestion(after, 'one')).toBeNull();
});

test.each([
  ['Who was it?\nA  an otter\nB  an owl', 'Who was it?', ['an otter', 'an owl']],
  ['a) yes\nb) no\nc) perhaps', 'At the creek', ['yes', 'no', 'perhaps']],
  ['1. ebb\n2. flood', 'At the creek', ['ebb', 'flood']],
])('lines with letters before them are choices too: %j', (text, prompt, choices) => {
  const deck = slide(plainText(text));
  const made = slideAsQuestion(deck, 'one');
  const question = applyChanges(deck, made?.changes ?? []).items[made?.itemId ?? ''];
  expect(question?.kind === 'choice' && [question.prompt, question.choices.map((choice) => choice.text)]).toEqual([
    prompt,
    choices,
  ]);
});

test('without a list it asks for words, and keeps what is there', () => {
  const deck = slide(plainText('A heron stands still.\nIt waits.'));
  const made = slideAsQuestion(deck, 'one');
  const after = applyChanges(deck, made?.changes ?? []);
  expect(after.items[made?.itemId ?? '']).toMatchObject({ kind: 'long-text', prompt: 'At the creek' });
  expect(itemsOf(after, 'one')).toHaveLength(3);
});

test('a worksheet has everything in its backdrop but what is pressed or dragged, and an area over all of it', () => {
  const deck = new DeckBuilder()
    .slide('one')
    .item('words', 'text', { fields: { text: list } })
    .item('piece', 'shape', { loose: true })
    .item('on', 'shape', { link: { to: 'next' } })
    .slide('two').deck;
  const made = slideAsWorksheet(deck, 'one');
  const after = applyChanges(deck, made?.changes ?? []);
  expect(
    itemsOf(after, 'one')
      .filter(({ layer }) => layer === 'backdrop')
      .map(({ id }) => id),
  ).toEqual(['words']);
  expect(after.items[made?.itemId ?? '']).toMatchObject({
    kind: 'open-area',
    frame: { x: 0, y: 0, width: 1280, height: 720 },
  });
  const [words] = itemsOf(after, 'one');
  expect(words?.kind === 'text' && lettersOf(words.text)).toContain('an otter');
  expect(slideAsWorksheet(after, 'one')).toBeNull();
});
