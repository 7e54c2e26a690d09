/** A text that gathers the credits of the whole deck, and keeps itself true. */
import { applyChanges, type Change } from '../model/change.js';
import { type Deck, slidesInOrder } from '../model/deck.js';
import { itemsOf } from '../model/items-in-order.js';
import type { RichText } from '../text/rich-text.js';
import { type Credit } from './credit.js';
import { creditLine, creditText, type CreditWords } from './credit-line.js';

/** The credits of what a deck shows, by slides in running order and from back to front, each once. */
export function creditsOf(deck: Deck): readonly Credit[] {
  const seen = new Map<string, Credit>();
  for (const { id } of slidesInOrder(deck))
    for (const item of itemsOf(deck, id)) {
      if (!('credit' in item) || item.credit === null) continue;
      const key = JSON.stringify(item.credit);
      if (!seen.has(key)) seen.set(key, item.credit);
    }
  return [...seen.values()];
}

/** The text that says them all, in the order of the alphabet. */
export function gatheredText(deck: Deck, words: CreditWords): RichText {
  const lines = creditsOf(deck).map((credit) => ({ credit, line: creditLine(credit, words) }));
  const inOrder = lines.toSorted((a, b) => a.line.localeCompare(b.line, deck.language ?? undefined));
  return creditText(
    inOrder.map(({ credit }) => credit),
    words,
  );
}

/**
 * The changes by which texts that gather credits go on saying what is so after some changes; nothing where no text
 * gathers any.
 */
export function gatherCredits(deck: Deck, changes: readonly Change[], words: CreditWords): Change[] {
  const gathering = Object.values(deck.items).filter((item) => item.kind === 'text' && item.gathers === 'credits');
  if (gathering.length === 0) return [];
  const next = applyChanges(deck, changes);
  const text = gatheredText(next, words);
  const written = JSON.stringify(text);
  return gathering.flatMap(({ id }): Change[] => {
    const item = next.items[id];
    return item?.kind === 'text' && JSON.stringify(item.text) !== written
      ? [{ type: 'set-item', id, fields: { text } }]
      : [];
  });
}
