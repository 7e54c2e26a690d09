/** A slide made ready to be looked at by all rules. */
import { type Deck, drawingOf, itemsToDraw, type SlideId, themeOn } from '../deck/index.js';
import { placedWordsOf } from './measuring/placed-words.js';
import type { SlideLook } from './rule.js';

/** What each slide's drawing looks like: as long as a slide is the same, so is this. */
const known = new WeakMap<Deck, SlideLook>();

/** A slide as rules look at it; `null` when it is gone. */
export function lookAtSlide(deck: Deck, slideId: SlideId): SlideLook | null {
  const slide = deck.slides[slideId];
  if (!slide) return null;
  const drawing = drawingOf(deck, slideId);
  const before = known.get(drawing);
  if (before) return before;
  const theme = themeOn(deck.theme, slide.layout);
  const items = itemsToDraw(drawing, slideId).filter(({ hidden }) => !hidden);
  const words = items.flatMap((item) => placedWordsOf(item, theme));
  const look = { deck: drawing, slide, theme, items, words };
  known.set(drawing, look);
  return look;
}
