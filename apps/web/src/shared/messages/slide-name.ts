/** What a slide is called on the screens. */
import { type Deck, type SlideId, slidesInOrder } from '@gobrel/core/deck';
import { slides } from '@gobrel/messages';

/** The slide's name, or its place in the running order when it has none; that it is gone when it is. */
export function slideName(deck: Deck, slideId: SlideId): string {
  const slide = deck.slides[slideId];
  if (!slide) return slides.gone;
  return slide.name || slides.unnamed({ place: slidesInOrder(deck).findIndex(({ id }) => id === slideId) + 1 });
}
