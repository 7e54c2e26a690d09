import { addItem, addSlide, applyChanges, emptyDeck, plainText } from '@gobrel/core/deck';
import { lettersIn } from './bring-fonts';

/** A deck with one text of these words. */
function saying(words: string) {
  const empty = emptyDeck('Tides');
  const deck = applyChanges(empty, addSlide(empty, { id: 'shore', name: 'Shore' }));
  return applyChanges(
    deck,
    addItem(deck, { id: 'words', kind: 'text', slideId: 'shore', fields: { text: plainText(words) } }),
  );
}

test('plain words need no further font', () => {
  const { all, further, pictures } = lettersIn(saying('Ebb – “flow”…'));
  expect([...all].sort().join('')).toBe([...new Set('Ebb – “flow”…')].sort().join(''));
  expect([further, pictures]).toEqual(['', '']);
});

test('symbols and other scripts are told from small pictures', () => {
  const { further, pictures } = lettersIn(saying('Tide ↑ ≥ 2 m 🦀🦀 ⭐ ❤️ ❤ Όρμος'));
  expect([...further].sort().join('')).toBe([...'↑≥Όρμος'].sort().join(''));
  expect([...pictures].sort().join('')).toBe([...'🦀⭐❤'].sort().join(''));
});

test('a deck without texts needs nothing', () => {
  expect(lettersIn(emptyDeck('Tides'))).toEqual({ all: '', further: '', pictures: '' });
});
