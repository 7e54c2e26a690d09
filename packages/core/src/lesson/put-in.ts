/** Slides that were not planned, put into an edition while its lesson runs. */
import {
  applyChanges,
  type Change,
  type Deck,
  onlySlide,
  pasteSlides,
  type SlideId,
  slidesInOrder,
} from '../deck/index.js';

/**
 * The edition with the first slide of another deck after one of its own, or at the end; `null` when there is none to
 * put in.
 */
export function putSlideIn(
  edition: Deck,
  source: Deck,
  after: SlideId | null,
): { readonly edition: Deck; readonly slideId: SlideId } | null {
  const [first] = slidesInOrder(source);
  if (!first) return null;
  const place = after !== null && edition.slides[after] ? after : (slidesInOrder(edition).at(-1)?.id ?? '');
  const { changes, pasted } = pasteSlides(edition, onlySlide(source, first.id), place);
  const [slideId] = pasted;
  if (slideId === undefined) return null;
  // Laid out as a question it is one that everybody answers, in a class deck too.
  const asQuestion: Change = { type: 'set-slide', id: slideId, fields: { layout: 'question' } };
  return { edition: applyChanges(edition, [...changes, asQuestion]), slideId };
}

/** A deck that replaces an edition, with the slides that were put into that. */
export function keepPutIn(deck: Deck, edition: Deck, putIn: readonly SlideId[]): Deck {
  const slides = putIn.flatMap((id) => (edition.slides[id] ? [[id, edition.slides[id]] as const] : []));
  const items = Object.entries(edition.items).filter(([, item]) => putIn.includes(item.slideId));
  return {
    ...deck,
    slides: { ...deck.slides, ...Object.fromEntries(slides) },
    items: { ...deck.items, ...Object.fromEntries(items) },
  };
}
