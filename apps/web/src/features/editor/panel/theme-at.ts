/** The theme as it is on a slide. */
import { type Deck, type SlideId, type Theme, themeOn } from '@gobrel/core/deck';

/** The theme of a deck with the colours that it has on one of its slides. */
export function themeAt({ theme, slides }: Pick<Deck, 'theme' | 'slides'>, slideId: SlideId): Theme {
  return themeOn(theme, slides[slideId]?.layout ?? 'blank');
}
