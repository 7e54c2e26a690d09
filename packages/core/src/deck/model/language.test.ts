/** The languages of decks and texts. */
import { addSlide } from '../commands/index.js';
import { applyChanges } from './change.js';
import { emptyDeck } from './deck.js';
import { drawingOf } from './drawing.js';
import { directionOf, offeredLanguages, readLanguage } from './language.js';
import { readDeck } from './read-deck.js';

test('what is offered can be read, and nothing is offered twice', () => {
  for (const language of offeredLanguages) expect(readLanguage(language)).toBe(language);
  expect(new Set(offeredLanguages).size).toBe(offeredLanguages.length);
});

test('other languages are kept, and what is no language is none', () => {
  expect(['sr-Latn', 'de-AT', 'kw'].map(readLanguage)).toEqual(['sr-Latn', 'de-AT', 'kw']);
  for (const wrong of [null, 7, '', 'EN', 'english language', '"><script>', `en-${'a'.repeat(40)}`, 'en-'])
    expect(readLanguage(wrong)).toBeNull();
});

test('what is written from right to left is known', () => {
  expect(['ar', 'he', 'fa-IR', 'ur', 'pa-Arab'].map(directionOf)).toEqual(['rtl', 'rtl', 'rtl', 'rtl', 'rtl']);
  expect(['en-GB', 'es', 'ja', 'fi', 'arn'].map(directionOf)).toEqual(['ltr', 'ltr', 'ltr', 'ltr', 'ltr']);
});

test('a deck from before has no language; one that cannot be read is none', () => {
  const empty = emptyDeck('Tides');
  const { language, ...before } = empty;
  expect(language).toBeNull();
  expect(readDeck(before).deck.language).toBeNull();
  expect(readDeck({ ...empty, language: 'es' }).deck.language).toBe('es');
  expect(readDeck({ ...empty, language: { to: 'es' } }).deck.language).toBeNull();
});

test('a slide is drawn anew when its deck gets another language', () => {
  const deck = applyChanges(emptyDeck('Tides'), addSlide(emptyDeck('Tides'), { id: 's1', name: 'One' }));
  const before = drawingOf(deck, 's1');
  expect(drawingOf({ ...deck, title: 'Other' }, 's1')).toBe(before);
  expect(drawingOf({ ...deck, language: 'es' }, 's1').language).toBe('es');
});
