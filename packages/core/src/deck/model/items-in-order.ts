/** The items of a deck from back to front, slide by slide. */
import type { Deck } from './deck.js';
import type { ItemId, SlideId } from './identifiers.js';
import type { Item } from './item.js';
import { byRank } from './rank.js';

/** A slide's items from back to front: the backdrop first. */
export function itemsOf(deck: Deck, slideId: SlideId): readonly Item[] {
  return sorted(deck.items).bySlide.get(slideId) ?? [];
}

/** What is asked of a deck's items again and again. */
interface Sorted {
  readonly bySlide: ReadonlyMap<SlideId, readonly Item[]>;
  /** Those in the backdrops of layouts. */
  readonly onLayouts: readonly Item[];
}

/** Items sorted, worked out once for each state of a deck, for the same reason. */
const sortedItems = new WeakMap<Deck['items'], Sorted>();

function sorted(items: Deck['items']): Sorted {
  const known = sortedItems.get(items);
  if (known) return known;
  const bySlide = new Map<SlideId, Item[]>();
  const onLayouts: Item[] = [];
  for (const id in items) {
    const item = items[id];
    if (!item) continue;
    const others = bySlide.get(item.slideId);
    if (others) others.push(item);
    else bySlide.set(item.slideId, [item]);
    if (item.onLayout) onLayouts.push(item);
  }
  for (const list of bySlide.values()) {
    list.sort((a, b) => (a.layer === b.layer ? byRank(a, b) : a.layer === 'backdrop' ? -1 : 1));
  }
  const made: Sorted = { bySlide, onLayouts: onLayouts.sort(byRank) };
  sortedItems.set(items, made);
  return made;
}

/**
 * Carries the order of items over to a state in which only the items named have changed, where none of them has
 * another place in it: typing then costs the same in a large deck as in a small one. What it is told must be true.
 */
export function keepOrder(before: Deck['items'], after: Deck['items'], changed: ReadonlySet<ItemId>): void {
  const known = sortedItems.get(before);
  if (!known) return;
  const bySlide = new Map(known.bySlide);
  for (const id of changed) {
    const [was, is] = [before[id], after[id]];
    if (!was || !is || was.onLayout || is.onLayout) return;
    if (was.slideId !== is.slideId || was.rank !== is.rank || was.layer !== is.layer) return;
    const list = bySlide.get(is.slideId) ?? [];
    bySlide.set(
      is.slideId,
      list.map((item) => (item.id === id ? is : item)),
    );
  }
  sortedItems.set(after, { bySlide, onLayouts: known.onLayouts });
}

/** What is drawn on a slide, from back to front: what is in its layout's backdrop by other slides, then its own items. */
export function shownItemsOf(deck: Deck, slideId: SlideId): readonly Item[] {
  const layout = deck.slides[slideId]?.layout;
  const shared = sorted(deck.items).onLayouts.filter(
    (item) => item.slideId !== slideId && deck.slides[item.slideId]?.layout === layout,
  );
  return shared.length === 0 ? itemsOf(deck, slideId) : [...shared, ...itemsOf(deck, slideId)];
}
