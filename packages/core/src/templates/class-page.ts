/** The page of a class book: each student's own, in a deck of the class. */
import { addSlideFrom, applyChanges, type Deck, type SlideId } from '../deck/index.js';

/** Adds one, laid out as such pages are. */
export function classPage(deck: Deck, slideId: SlideId, name: string): Deck {
  let count = 0;
  const createId = () => `${slideId}-${(count += 1)}`;
  return applyChanges(deck, addSlideFrom(deck, 'class-page', { id: slideId, name, createId }));
}
