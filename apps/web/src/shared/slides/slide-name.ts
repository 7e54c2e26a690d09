/** What a slide is called on the screens. */
import type { Deck, SlideId } from '@gobrel/core/deck';
import { words } from '../messages';

/** The slide's name, or its place in the running order when it has none; that it is gone when it is. */
export function slideName(deck: Deck, slideId: SlideId): string {
  return deck.slides[slideId] ? words.slides.called(deck, slideId) : words.slides.gone;
}
