/** What of a deck students may have. */
import { withoutKey } from '../kinds/item-kinds.js';
import { USUAL_CHECK } from './check-settings.js';
import type { Deck } from './deck.js';

/** The deck as a student's device may have it: no answer keys, no speaker notes, no walks of its authors. */
export function withoutKeysAndNotes(deck: Deck): Deck {
  return {
    ...deck,
    walks: [],
    check: USUAL_CHECK,
    slides: mapValues(deck.slides, (slide) => ({ ...slide, notes: '' })),
    items: mapValues(deck.items, withoutKey),
  };
}

/** The deck without the items that are put out of sight. */
export function withoutHidden(deck: Deck): Deck {
  const seen = Object.entries(deck.items).filter(([, item]) => !item.hidden);
  return { ...deck, items: Object.fromEntries(seen) };
}

function mapValues<T>(record: Readonly<Record<string, T>>, change: (value: T) => T): Record<string, T> {
  return Object.fromEntries(Object.entries(record).map(([key, value]) => [key, change(value)]));
}
