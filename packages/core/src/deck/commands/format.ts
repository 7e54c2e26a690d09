/** Formats: how an item looks, taken from one and given to others. */
import type { Theme } from '../appearance/theme.js';
import type { Change } from '../model/change.js';
import type { Deck } from '../model/deck.js';
import type { ItemId } from '../model/identifiers.js';
import type { Item, ItemKindName } from '../model/item.js';
import { dressed } from '../text/dressing.js';
import { setItemFields } from './items.js';

/** The fields that make up a format, over all kinds. */
const FORMAT_FIELDS = ['fill', 'outline', 'outlineWidth', 'dash', 'opacity', 'look'] as const;

/** The fields by which an item goes by the theme. */
const THEME_FIELDS = ['boxStyle', 'byTheme', 'own'] as const;

/** Fields by name. */
type Fields = Readonly<Record<string, unknown>>;

/** How an item looks, apart from what it says and where it is. */
export interface Format {
  readonly kind: ItemKindName;
  /** Its own fields: what it goes by in the theme, and what it has of its own. */
  readonly held: Fields;
  /** The same as it is seen, for items of other kinds, of which the theme has other looks. */
  readonly seen: Fields;
}

/** The format of an item in a theme. */
export function formatOf(theme: Theme, item: Item): Format {
  return {
    kind: item.kind,
    held: fieldsOf(item, [...FORMAT_FIELDS, ...THEME_FIELDS]),
    seen: fieldsOf(dressed(theme, item), FORMAT_FIELDS),
  };
}

function fieldsOf(item: Item, names: readonly string[]): Fields {
  const fields: Fields = { ...item };
  return Object.fromEntries(names.flatMap((name) => (name in fields ? [[name, fields[name]]] : [])));
}

/** Gives items the format of another one, as far as their kind knows it. */
export function applyFormat(deck: Deck, ids: readonly ItemId[], { kind, held, seen }: Format): Change[] {
  return ids.flatMap((id) => setItemFields(deck, id, deck.items[id]?.kind === kind ? held : seen));
}
