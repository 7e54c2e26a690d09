/** Things of a deck as they are spoken of in a sentence. */
import { type Deck, type ItemId, nameOf, type SlideId } from '@gobrel/core/deck';
import { common, kinds, links, locale } from '@gobrel/messages';
import { slideName } from './slide-name';

/** An item: its name in quotation marks, or its kind. */
export function itemCalled(deck: Deck, itemId: ItemId): string {
  const item = deck.items[itemId];
  if (!item) return links.itemIsGone;
  const name = nameOf(item);
  return name ? common.quoted({ name }) : links.theKind({ kind: kinds[item.kind].toLocaleLowerCase(locale) });
}

/** A slide: its name in quotation marks. */
export function slideCalled(deck: Deck, slideId: SlideId): string {
  return deck.slides[slideId] ? common.quoted({ name: slideName(deck, slideId) }) : links.slideIsGone;
}
