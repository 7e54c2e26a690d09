/** Items on the clipboard, between slides and between decks: written as JSON, and read back with suspicion. */
import { moveFrame, type Point } from '../../geometry/index.js';
import type { Change } from '../model/change.js';
import type { Deck } from '../model/deck.js';
import { itemsOf } from '../model/items-in-order.js';
import { readItem } from '../model/read-deck.js';
import { type Language, readLanguage } from '../model/language.js';
import { type ItemId, newId, type SlideId } from '../model/identifiers.js';
import type { Item } from '../model/item.js';
import { nameOf } from '../kinds/item-kinds.js';
import { byRank, ranksAt } from '../model/rank.js';
import { readFields } from '../model/reading.js';
import { besideOn, copyIdsFor, copyItem, orderedLast } from './copying.js';

/** The clipboard's type for items. */
export const ITEMS_TYPE = 'application/x-gobrel-items+json';
/** The most items one paste brings. */
const MOST_ITEMS = 2000;

/** Items as they travel: the text for our own clipboard type, and their words for everybody else's. */
interface ItemClip {
  readonly json: string;
  readonly plain: string;
}

/** Items written for the clipboard, from back to front. */
export function copyToClip(deck: Deck, ids: readonly ItemId[]): ItemClip {
  const items = ids.flatMap((id) => deck.items[id] ?? []).sort(byRank);
  const plain = items.map(nameOf).filter(Boolean).join('\n');
  return { json: JSON.stringify({ version: 1, language: deck.language, items }), plain };
}

/** The items of a clip, each with the language that its deck was in; what cannot be read is left out. */
export function readClip(json: string): readonly Item[] {
  try {
    const clip = readFields(JSON.parse(json));
    const entries: unknown = clip?.['items'];
    if (!Array.isArray(entries)) return [];
    return entries.slice(0, MOST_ITEMS).flatMap((entry) => {
      const fields = readFields(entry);
      const item = readItem(String(fields?.['id']), fields);
      return item ? inLanguage(item, readLanguage(clip?.['language'])) : [];
    });
  } catch {
    return [];
  }
}

/**
 * Places clipped items in front of a slide's others, under new ids. Links to slides that are not in this deck
 * come along and are open. A paste onto the slide the items came from is set off, so that it can be seen.
 */
export function pasteItems(
  deck: Deck,
  slideId: SlideId,
  clipped: readonly Item[],
  options: { createId?: () => string; offset?: Point } = {},
): { readonly changes: Change[]; readonly pasted: ItemId[] } {
  if (!deck.slides[slideId]) return { changes: [], pasted: [] };
  const present = itemsOf(deck, slideId);
  const inFront = present.filter((item) => item.layer === 'slide');
  const ranks = ranksAt(inFront, inFront.length, clipped.length);
  const copies = copyIdsFor(clipped, options.createId ?? newId);
  const isAtHome = clipped.some((item) => present.some((other) => samePlace(item, other)));
  const by = options.offset ?? (isAtHome ? { x: 24, y: 24 } : { x: 0, y: 0 });
  const isBeside = besideOn(deck, slideId);
  const placed = clipped.map((item, at): Item => {
    const copy = copyItem(item, slideId, { ids: copies, isBeside });
    const frame = moveFrame(copy.frame, by.x, by.y);
    return { ...inLanguageOf(deck, copy), layer: 'slide', locked: false, rank: ranks[at] ?? item.rank, frame };
  });
  const pasted = orderedLast(deck, slideId, placed);
  return { changes: pasted.map((item) => ({ type: 'put-item', item })), pasted: pasted.map(({ id }) => id) };
}

/** An item whose words say for themselves which language they are in, where nothing else does. */
export function inLanguage(item: Item, language: Language | null): Item {
  return item.language === null && language !== null ? { ...item, language } : item;
}

/** An item whose words leave it to a deck which language they are in, where that is theirs. */
export function inLanguageOf(deck: Deck, item: Item): Item {
  return item.language !== null && item.language === deck.language ? { ...item, language: null } : item;
}

function samePlace(a: Item, b: Item): boolean {
  return a.kind === b.kind && a.frame.x === b.frame.x && a.frame.y === b.frame.y;
}
