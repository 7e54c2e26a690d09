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

/** The deck without the items that are put out of sight, but for tables whose figures are seen in a chart. */
export function withoutHidden(deck: Deck): Deck {
  const followed = new Set(
    Object.values(deck.items).flatMap((item) => (item.kind === 'chart' && !item.hidden ? (item.table ?? []) : [])),
  );
  const seen = Object.entries(deck.items).filter(([id, item]) => !item.hidden || followed.has(id));
  return { ...deck, items: Object.fromEntries(seen) };
}

function mapValues<T>(record: Readonly<Record<string, T>>, change: (value: T) => T): Record<string, T> {
  return Object.fromEntries(Object.entries(record).map(([key, value]) => [key, change(value)]));
}
