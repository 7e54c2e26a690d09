import fc from 'fast-check';
import { plainText } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import { findInDeck, folded, searchWords } from './index.js';

const text = (words: string) => ({ fields: { text: plainText(words) } });

const deck = () =>
  new DeckBuilder('Night on the saltmarsh')
    .slide('gate')
    .item('words', 'text', text('The warden gives you a lantern: the tide turns at ten.'))
    .slide('question')
    .item('asked', 'choice', {
      fields: { prompt: 'Who went this way?', choices: [{ id: 'a', text: 'an otter' }], right: ['a'] },
    })
    .slide('shop')
    .item('price', 'text', text('Pâté, déjà vu, Straße')).deck;

test('slides are found by what stands on them, what they ask and the choices they give', () => {
  const found = (sought: string) => findInDeck(deck(), sought).map(({ slideId }) => slideId);
  expect(found('lantern')).toEqual(['gate']);
  expect(found('LANTERN  tide')).toEqual(['gate']);
  expect(found('lantern otter')).toEqual([]);
  expect(found('otter way')).toEqual(['question']);
  expect(found('pate deja strasse')).toEqual(['shop']);
  expect(found('gate')).toEqual(['gate']);
  expect(found('  ')).toEqual([]);
});

test('what is shown of a long text is around the word', () => {
  const long = `${'A long way along the sea wall. '.repeat(9)}There the lantern hangs. ${'And on and on. '.repeat(9)}`;
  const [found] = findInDeck(new DeckBuilder().slide('a').item('x', 'text', text(long)).deck, 'lantern');
  expect(found?.excerpt).toMatch(/^… .*lantern.* …$/);
  expect(found?.excerpt.length).toBeLessThan(110);
});

test('folding twice is folding once, and the words of a text are found in it', () => {
  fc.assert(
    fc.property(fc.string(), (any) => {
      expect(folded(folded(any))).toBe(folded(any));
      const said = folded(any);
      expect(searchWords(any).every((word) => said.includes(word))).toBe(true);
    }),
  );
});
