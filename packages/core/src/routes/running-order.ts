/** The running order as the show walks it: without the slides that are left out. */
import { type Deck, type Slide, type SlideId, slidesInOrder } from '../deck/index.js';

/** The slides of the show, in order. */
export function shownInOrder(deck: Deck): readonly Slide[] {
  return slidesInOrder(deck).filter((slide) => !slide.leftOut);
}

/** The first slide of the show; the first of all when every one is left out; `null` in an empty deck. */
export function firstSlide(deck: Deck): Slide | null {
  return shownInOrder(deck)[0] ?? slidesInOrder(deck)[0] ?? null;
}

/** The slide that follows in the running order, also after a slide that is left out itself; `null` at the end. */
export function nextInOrder(deck: Deck, slideId: SlideId): Slide | null {
  const ordered = slidesInOrder(deck);
  const place = ordered.findIndex((slide) => slide.id === slideId);
  return place < 0 ? null : (ordered.slice(place + 1).find((slide) => !slide.leftOut) ?? null);
}

/** The slide that comes before in the running order; `null` at the start. */
export function previousInOrder(deck: Deck, slideId: SlideId): Slide | null {
  const ordered = slidesInOrder(deck);
  const place = ordered.findIndex((slide) => slide.id === slideId);
  return ordered.slice(0, Math.max(0, place)).findLast((slide) => !slide.leftOut) ?? null;
}

/** The slides whose *next* leads here: they stand before it in the running order and their exits are open. */
export function reachedByOrder(deck: Deck, slideId: SlideId): readonly Slide[] {
  if (deck.slides[slideId]?.leftOut !== false) return [];
  const ordered = slidesInOrder(deck);
  const before = ordered.slice(
    0,
    ordered.findIndex((slide) => slide.id === slideId),
  );
  // Slides that are left out lead on past themselves, so all of them back to the last one shown lead here.
  const lastShown = before.findLastIndex((slide) => !slide.leftOut);
  return before.slice(Math.max(0, lastShown)).filter((slide) => slide.exits === 'open');
}

/** The slide to which *next* leads from here, or `null` at the end and where a slide is left by links only. */
export function onwardByOrder(deck: Deck, slideId: SlideId): Slide | null {
  return deck.slides[slideId]?.exits === 'open' ? nextInOrder(deck, slideId) : null;
}
