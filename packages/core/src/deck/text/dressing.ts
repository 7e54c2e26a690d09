/** Texts that go by the text styles of a theme: how they look in it, and what they have of their own. */
import { hasLook } from './texts.js';
import type { Item, TextLook } from '../model/item.js';
import { styledProperties, type TextStyleName } from './text-style-names.js';
import type { Theme } from '../appearance/theme.js';

/** A look with what its text style decides, but for what the text has of its own. */
export function lookIn(theme: Theme, look: TextLook): TextLook {
  if (look.style === null) return look;
  const style = theme.styles[look.style];
  const decided = styledProperties.filter((property) => !look.own.includes(property));
  return { ...look, ...Object.fromEntries(decided.map((property) => [property, style[property]])) };
}

/** A look after some of it was set by hand: that is the text's own from now on. */
export function lookWith(look: TextLook, fields: Partial<TextLook>): TextLook {
  const mine = styledProperties.filter((property) => property in fields);
  const own =
    look.style === null ? [] : styledProperties.filter((each) => look.own.includes(each) || mine.includes(each));
  return { ...look, own, ...fields };
}

/** A look that goes by a style in everything; `null` leaves it as it is seen just now, going by none. */
export function lookGoingBy(theme: Theme, look: TextLook, style: TextStyleName | null): TextLook {
  return style === null ? { ...lookIn(theme, look), style: null, own: [] } : { ...look, style, own: [] };
}

const dressedItems = new WeakMap<Item, { readonly theme: Theme; readonly dressed: Item }>();

/** An item as it looks in a theme: the very same value for as long as both are the same. */
export function dressed(theme: Theme, item: Item): Item {
  if (!hasLook(item) || item.look.style === null) return item;
  const known = dressedItems.get(item);
  if (known?.theme === theme) return known.dressed;
  const made: Item = { ...item, look: lookIn(theme, item.look) };
  dressedItems.set(item, { theme, dressed: made });
  return made;
}
