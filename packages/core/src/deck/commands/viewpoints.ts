/** Commands on viewpoints: placing one, and their order. */
import type { Frame } from '../../geometry/index.js';
import type { Change } from '../model/change.js';
import type { Deck } from '../model/deck.js';
import type { ItemId, SlideId } from '../model/identifiers.js';
import { rankAt } from '../model/rank.js';
import { rankedByOrder, viewpointsInOrder } from '../model/viewpoints.js';
import { addItem } from './items.js';

/** Places a viewpoint, the last in its slide's order; without a frame, in the middle of the slide. */
export function addViewpoint(
  deck: Deck,
  options: { readonly id: ItemId; readonly slideId: SlideId; readonly name: string; readonly frame?: Frame },
): Change[] {
  const order = rankAt(viewpointsInOrder(deck, options.slideId).map(rankedByOrder), Infinity);
  return addItem(deck, { ...options, kind: 'viewpoint', fields: { order } });
}

/**
 * Puts a viewpoint at a place in its slide's order, counted among the others; with `null` *next* passes it by, and only
 * links lead there.
 */
export function orderViewpoint(deck: Deck, id: ItemId, place: number | null): Change[] {
  const item = deck.items[id];
  if (item?.kind !== 'viewpoint') return [];
  const others = viewpointsInOrder(deck, item.slideId).filter((other) => other.id !== id);
  const order = place === null ? null : rankAt(others.map(rankedByOrder), place);
  return [{ type: 'set-item', id, fields: { order } }];
}
