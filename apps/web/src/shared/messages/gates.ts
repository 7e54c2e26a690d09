/** What gates wait for, in words. */
import type { Deck, Gate } from '@gobrel/core/deck';
import { gates } from '@gobrel/messages';
import { itemCalled, slideCalled } from './in-sentences';

/** When a gate opens, such as “open when “Tide” is answered right”. */
export function openWhen(deck: Deck, gate: Gate): string {
  switch (gate.opens) {
    case 'seen':
      return gates.opens.seen({ slide: slideCalled(deck, gate.slideId) });
    case 'seen-count':
      return gates.opens['seen-count']({ count: gate.count });
    default:
      return gates.opens[gate.opens]({ item: itemCalled(deck, gate.itemId) });
  }
}

/**
 * What is missing, for whoever stands before a shut gate.
 * @param more how many more slides are to be seen, of a gate that counts them
 */
export function gateMissing(deck: Deck, gate: Gate, more: number): string {
  switch (gate.opens) {
    case 'seen':
      return gates.missing.seen({ slide: slideCalled(deck, gate.slideId) });
    case 'seen-count':
      return gates.missing['seen-count']({ more });
    default:
      return gates.missing[gate.opens]({ item: itemCalled(deck, gate.itemId) });
  }
}
