import { applyChanges, duplicateSlides, filesIn, leadLink, readRichText } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import { linksFrom } from './index.js';

const linked = (destination: object) =>
  readRichText({
    content: [
      {
        type: 'paragraph',
        content: [{ type: 'text', text: 'there', marks: [{ type: 'link', attrs: { destination } }] }],
      },
    ],
  });
const file = { to: 'file', file: 'a'.repeat(64), name: 'tides.pdf', type: 'application/pdf', bytes: 9 };
const { deck } = new DeckBuilder().slide('s').item('t', 'table', {
  fields: { 'cell:1:1': linked({ to: 'slide', slideId: 's' }), 'cell:3:3': linked(file) },
});

test('links on words in cells are links of the slide, and lead elsewhere one by one', () => {
  expect(linksFrom(deck, 's').map(({ run, words, destination }) => [run, words, destination.to])).toEqual([
    [0, 'there', 'slide'],
    [1, 'there', 'file'],
  ]);
  expect(filesIn(deck)).toEqual([file.file]);
  const led = applyChanges(deck, leadLink(deck, { itemId: 't', run: 1 }, { to: 'back' }));
  expect(linksFrom(led, 's').map(({ destination }) => destination.to)).toEqual(['slide', 'back']);
  expect(leadLink(deck, { itemId: 't', run: 2 }, { to: 'back' })).toEqual([]);
});

test('in a copy of the slide they lead to the copy', () => {
  const { changes, copies } = duplicateSlides(deck, ['s'], { nameOf: () => 'again' });
  const [copy = ''] = copies;
  const [first] = linksFrom(applyChanges(deck, changes), copy);
  expect(first?.destination).toEqual({ to: 'slide', slideId: copy });
});
