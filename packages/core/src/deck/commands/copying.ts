/** Copies of items among each other: new ids, and references that lead among the copies where they led among the originals. */
import type { Deck } from '../model/deck.js';
import { itemsOf } from '../model/items-in-order.js';
import type { ItemId, SlideId } from '../model/identifiers.js';
import type { Item } from '../model/item.js';
import { mapRefs } from '../references/index.js';
import { byRank, rankAt } from '../model/rank.js';
import { rankedByOrder, viewpointsInOrder } from '../model/viewpoints.js';

/** New ids for copies of items and of the groups they are in, by the old ones. */
export function copyIdsFor(items: readonly Item[], createId: () => string): ReadonlyMap<string, string> {
  const old = new Set(items.flatMap((item) => [item.id, ...item.groups]));
  return new Map([...old].map((id) => [id, createId()]));
}

/** How a set of copies comes about. */
export interface CopySet {
  /** The new ids of items and groups, by the old ones. */
  readonly ids: ReadonlyMap<string, string>;
  /** Where links to slides lead. */
  readonly slide?: (id: SlideId) => SlideId;
  /** What is on the slide the copies come to: of anything else that was not copied, they let go. */
  readonly isBeside?: (id: string) => boolean;
}

/** A copy of an item for a slide, tied among the copies of its set. */
export function copyItem(
  item: Item,
  slideId: SlideId,
  { ids, slide = (id) => id, isBeside = () => false }: CopySet,
): Item {
  const copy = mapRefs(item, {
    slide,
    item: (id) => ids.get(id) ?? (isBeside(id) ? id : null),
    group: (id) => ids.get(id) ?? id,
  });
  return { ...copy, id: ids.get(item.id) ?? item.id, slideId };
}

/** Whether an item, or some item of a group, is on a slide. */
export function besideOn(deck: Deck, slideId: SlideId): (id: string) => boolean {
  const there = new Set(itemsOf(deck, slideId).flatMap(({ id, groups }) => [id, ...groups]));
  return (id) => there.has(id);
}

/** Copies in the order of their originals; viewpoints among them come last on the way through their slide. */
export function orderedLast(deck: Deck, slideId: SlideId, copies: readonly Item[]): readonly Item[] {
  const ordered = viewpointsInOrder(deck, slideId).map(rankedByOrder);
  const orders = new Map<ItemId, string>();
  const inOrder = copies.flatMap((item) =>
    item.kind === 'viewpoint' && item.order !== null ? [rankedByOrder(item)] : [],
  );
  for (const { id } of inOrder.sort(byRank)) {
    const rank = rankAt(ordered, Infinity);
    ordered.push({ id, rank });
    orders.set(id, rank);
  }
  return copies.map((item) =>
    item.kind === 'viewpoint' && orders.has(item.id) ? { ...item, order: orders.get(item.id) ?? null } : item,
  );
}
