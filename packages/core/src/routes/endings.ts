/** Where a walk ends as it is meant to: by the author's word, because nothing follows, or by a link to the end. */
import type { Deck, Destination, Slide, SlideId } from '../deck/index.js';
import { linksFrom } from './links.js';
import { nextInOrder } from './running-order.js';

/** Whether a link with this destination ends the walk, begins it anew, or leaves the deck. */
export function endsWalk({ to }: Destination): boolean {
  return to === 'end' || to === 'restart' || to === 'deck';
}

/** Whether a walk ends on a slide because nothing follows it in the running order. */
export function endsInOrder({ exits }: Slide, isFollowed: boolean): boolean {
  return exits === 'open' && !isFollowed;
}

/** What makes a slide an ending without its author's saying so: the running order, or a link; `null` for neither. */
export function endsOfItself(deck: Deck, slideId: SlideId): 'order' | 'link' | null {
  const slide = deck.slides[slideId];
  if (!slide) return null;
  if (endsInOrder(slide, nextInOrder(deck, slideId) !== null)) return 'order';
  return linksFrom(deck, slideId).some(({ destination }) => endsWalk(destination)) ? 'link' : null;
}
