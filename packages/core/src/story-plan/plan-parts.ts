/** What of a slide its story plan speaks of: its text, and its choices. */
import { type Deck, isWordBox, type Item, itemsOf, lettersOf, type SlideId, type TextItem } from '../deck/index.js';
import { type Link, linksFrom } from '../routes/index.js';

/** The item that holds a slide's text: the body of its layout, else the uppermost text that is no title and no choice. */
export function bodyOf(deck: Deck, slideId: SlideId): TextItem | null {
  const texts = itemsOf(deck, slideId).filter(
    (item): item is TextItem =>
      item.kind === 'text' && !item.onLayout && !item.hidden && item.link === null && !isTitle(item),
  );
  const byRole = texts.find((item) => item.role === 'body');
  return byRole ?? texts.sort((a, b) => a.frame.y - b.frame.y)[0] ?? null;
}

/** The item that holds a slide's title; `null` where there is none. */
export function titleOf(deck: Deck, slideId: SlideId): TextItem | null {
  return (
    itemsOf(deck, slideId).find((item): item is TextItem => item.kind === 'text' && !item.onLayout && isTitle(item)) ??
    null
  );
}

function isTitle({ role, look }: TextItem): boolean {
  return role === 'title' || look.style === 'title';
}

/** What a choice says: the linked words, or what its item is called; its letters in one line. */
export function wordsOf(deck: Deck, { words, itemId, carrier }: Link): string {
  const item: Item | undefined = deck.items[itemId];
  const said = words ?? (item && isWordBox(item) ? lettersOf(item.text) : '');
  return (said.trim() || carrier).replace(/\s+/g, ' ').trim();
}

/** The choices of a slide that have words, in the order in which they are read: from top to bottom. */
export function choicesOf(deck: Deck, slideId: SlideId): readonly (Link & { readonly said: string })[] {
  const top = ({ itemId }: Link) => deck.items[itemId]?.frame.y ?? 0;
  return linksFrom(deck, slideId)
    .map((link) => ({ ...link, said: wordsOf(deck, link) }))
    .filter(({ said }) => said !== '')
    .sort((a, b) => top(a) - top(b) || (a.run ?? 0) - (b.run ?? 0));
}
