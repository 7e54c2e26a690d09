/** Slides of a deck on which words stand. */
import { type Deck, itemsOf, type SlideId, slidesInOrder, wordsOf } from '../deck/index.js';
import { folded, searchWords } from './folded.js';

/** A slide on which all of the words stand. */
export interface FoundSlide {
  readonly slideId: SlideId;
  readonly name: string;
  /** The text in which the first of the words stands, cut to what is around it; '' where the name says it. */
  readonly excerpt: string;
}

/** How many letters of a text are shown, and how many of them stand before the word. */
const EXCERPT = { letters: 90, before: 30 };

/** Whether a text says all of some words, each the beginning of a word or within one. */
export function saysAll(text: string, words: readonly string[]): boolean {
  const said = folded(text);
  return words.every((word) => said.includes(word));
}

/**
 * The slides on which all words that are sought stand: in their names, in what their items say and ask, and in what those
 * are called. In running order; none when nothing is sought. Takes time in proportion to the words of the deck.
 */
export function findInDeck(deck: Deck, sought: string): readonly FoundSlide[] {
  const words = searchWords(sought);
  const [first] = words;
  if (first === undefined) return [];
  return slidesInOrder(deck).flatMap(({ id, name }): FoundSlide[] => {
    const texts = textsOn(deck, id);
    if (!saysAll([name, ...texts].join('\n'), words)) return [];
    const text = texts.find((each) => saysAll(each, [first])) ?? '';
    return [{ slideId: id, name, excerpt: excerptOf(text, first) }];
  });
}

/** What a slide says, one text an item: what is written in it, what it asks and the choices it gives, its name. */
function textsOn(deck: Deck, slideId: SlideId): readonly string[] {
  return itemsOf(deck, slideId).flatMap((item) => {
    const asked = 'prompt' in item ? [item.prompt] : [];
    const chosen = item.kind === 'choice' ? item.choices.map(({ text }) => text) : [];
    const said = [wordsOf(item), ...asked, ...chosen, item.name].filter((text) => text.trim() !== '');
    return [...new Set(said)];
  });
}

function excerptOf(text: string, word: string): string {
  const plain = text.replace(/\s+/g, ' ').trim();
  if (plain.length <= EXCERPT.letters) return plain;
  // Folding may make a text a little shorter or longer: near enough to know what to show.
  const at = Math.max(0, folded(plain).indexOf(word) - EXCERPT.before);
  const start = at === 0 ? 0 : plain.indexOf(' ', at) + 1;
  const shown = plain.slice(start, start + EXCERPT.letters).trim();
  return `${start > 0 ? '… ' : ''}${shown}${start + EXCERPT.letters < plain.length ? ' …' : ''}`;
}
