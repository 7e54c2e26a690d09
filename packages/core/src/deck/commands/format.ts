/** Formats: how an item looks, taken from one and given to others. */
import type { Change } from '../model/change.js';
import type { Deck } from '../model/deck.js';
import type { ItemId } from '../model/identifiers.js';
import type { Item } from '../model/item.js';
import { setItemFields } from './items.js';

/** The fields that make up a format, over all kinds. */
const FORMAT_FIELDS = ['fill', 'outline', 'outlineWidth', 'dash', 'opacity', 'look'] as const;

/** How an item looks, apart from what it says and where it is. */
export type Format = Partial<Readonly<Record<(typeof FORMAT_FIELDS)[number], unknown>>>;

/** The format of an item. */
export function formatOf(item: Item): Format {
  const fields: Readonly<Record<string, unknown>> = { ...item };
  return Object.fromEntries(FORMAT_FIELDS.flatMap((name) => (name in fields ? [[name, fields[name]]] : [])));
}

/** Gives items the format of another one, as far as their kind knows it. */
export function applyFormat(deck: Deck, ids: readonly ItemId[], format: Format): Change[] {
  return ids.flatMap((id) => setItemFields(deck, id, format));
}
