/** The part of a deck that draws one slide. */
import { isSameTheme } from '../appearance/theme.js';
import { type Deck, sizeOf } from './deck.js';
import type { SlideId } from './identifiers.js';
import type { Item } from './item.js';
import { shownItemsOf } from './items-in-order.js';
import type { Slide } from './slide.js';

/** The part of a deck that holds one slide. */
export function onlySlide(deck: Deck, slideId: SlideId): Deck {
  return { ...drawingOf(deck, slideId), title: deck.title };
}

/**
 * The part of a deck that draws one slide: the very same value for as long as the slide is the same, however the
 * rest of the deck changes, so that a view knows at a glance whether to draw it again.
 */
export function drawingOf(deck: Deck, slideId: SlideId): Deck {
  const slide = deck.slides[slideId];
  const items = shownItemsOf(deck, slideId);
  const known = slide && drawings.get(slide);
  if (
    known &&
    isSameSize(known.deck, deck) &&
    isSameList(known.items, items) &&
    known.deck.language === deck.language &&
    isSameTheme(known.deck.theme, deck.theme)
  )
    return known.deck;
  const drawing: Deck = {
    ...deck,
    title: '',
    sections: NO_SECTIONS,
    slides: slide ? { [slideId]: slide } : {},
    // What is here by the layout stands on this slide in its drawing.
    items: Object.fromEntries(items.map((item) => [item.id, item.slideId === slideId ? item : { ...item, slideId }])),
  };
  if (slide) drawings.set(slide, { deck: drawing, items });
  return drawing;
}

const NO_SECTIONS: Deck['sections'] = {};

/** The last drawing of each slide. */
const drawings = new WeakMap<Slide, { readonly deck: Deck; readonly items: readonly Item[] }>();

function isSameSize(a: Deck, b: Deck): boolean {
  return a.size === b.size || (sizeOf(a).width === sizeOf(b).width && sizeOf(a).height === sizeOf(b).height);
}

function isSameList<T>(a: readonly T[], b: readonly T[]): boolean {
  return a === b || (a.length === b.length && a.every((value, index) => value === b[index]));
}
