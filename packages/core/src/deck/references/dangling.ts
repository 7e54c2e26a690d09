/** Links that lead nowhere any more. */
import type { Deck } from '../model/deck.js';
import type { Destination } from '../links/destination.js';
import { refsOfDestination } from './destination-references.js';
import type { Reference } from './reference.js';

/**
 * Whether what a link leads to, or the question it goes by, is gone, or was never chosen. A gate that waits for
 * something that is gone is another matter: the link leads somewhere, and never opens.
 */
export function isDangling(deck: Deck, destination: Destination): boolean {
  const refs = refsOfDestination(destination).filter(({ by }) => by !== 'gate');
  if (destination.to === 'by-answer' && !refs.some(({ to }) => to === 'slide')) return true;
  return refs.some((ref) => !isThere(deck, destination, ref));
}

function isThere(deck: Deck, destination: Destination, { to, id }: Reference): boolean {
  if (to === 'slide') return deck.slides[id] !== undefined;
  return destination.to === 'viewpoint' ? deck.items[id]?.kind === 'viewpoint' : deck.items[id] !== undefined;
}
