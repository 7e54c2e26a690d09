/** The viewpoints of a slide: named regions that the show travels to. */
import type { Deck } from './deck.js';
import { itemsOf } from './items-in-order.js';
import type { SlideId } from './identifiers.js';
import type { ViewpointItem } from './item.js';
import { byRank } from './rank.js';

/** Every viewpoint of a slide, also those that only links lead to. */
export function viewpointsOn(deck: Deck, slideId: SlideId): readonly ViewpointItem[] {
  return itemsOf(deck, slideId).filter((item): item is ViewpointItem => item.kind === 'viewpoint');
}

/** The viewpoints of a slide that *next* travels to, in order. */
export function viewpointsInOrder(deck: Deck, slideId: SlideId): readonly ViewpointItem[] {
  return viewpointsOn(deck, slideId)
    .filter((item) => item.order !== null)
    .sort((a, b) => byRank(rankedByOrder(a), rankedByOrder(b)));
}

/** A viewpoint with its place in the order as its rank. */
export function rankedByOrder({ id, order }: ViewpointItem): { readonly id: string; readonly rank: string } {
  return { id, rank: order ?? '' };
}
