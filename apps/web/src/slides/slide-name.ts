/** What a slide is called on the screens. */
import { type Deck, type SlideId, slidesInOrder } from '@gobrel/core/deck';
import { words } from '../words';

/** The slide's name, or its place in the running order when it has none. */
export function slideName(deck: Deck, slideId: SlideId): string {
  const slide = deck.slides[slideId];
  if (!slide) return words.slides.gone;
  if (slide.name) return slide.name;
  return words.slides.unnamed(slidesInOrder(deck).findIndex((other) => other.id === slideId) + 1);
}
