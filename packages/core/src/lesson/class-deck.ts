/** A class deck: instruction and samples are fixed, and one page becomes a slide of each student's own. */
import {
  type Deck,
  type Item,
  type ItemId,
  itemsOf,
  plainText,
  type Slide,
  type SlideId,
  slidesInOrder,
} from '../deck/index.js';
import type { WorkMode } from './terms.js';

/** The pages of a deck that each student gets their own of: those laid out as pages of a class deck. */
export function ownPages(edition: Deck): readonly Slide[] {
  return slidesInOrder(edition).filter((slide) => slide.layout === 'class-page');
}

/** The slide a student sees first: the first of their own in a class deck, else where the show begins (`null`). */
export function firstPage(edition: Deck, mode: WorkMode): SlideId | null {
  return mode === 'slide-each' ? (ownPages(edition)[0]?.id ?? null) : null;
}

/** Editions as students have them, by name: the very same value each time, so that views need not draw anew. */
const owned = new WeakMap<Deck, Map<string, Deck>>();

/** The edition as one student has it: the pages of their own carry their name. */
export function withOwner(edition: Deck, mode: WorkMode, name: string): Deck {
  if (mode !== 'slide-each') return edition;
  const byName = owned.get(edition) ?? new Map<string, Deck>();
  owned.set(edition, byName);
  const known = byName.get(name) ?? named(edition, name);
  byName.set(name, known);
  return known;
}

function named(edition: Deck, name: string): Deck {
  const pages = ownPages(edition).map((slide, at): [SlideId, Slide] => [
    slide.id,
    { ...slide, name: at === 0 ? name : `${name} (${at + 1})` },
  ]);
  const titles = pages.flatMap(([slideId]): [ItemId, Item][] =>
    itemsOf(edition, slideId).flatMap((item) =>
      item.kind === 'text' && item.role === 'title' ? [[item.id, { ...item, text: plainText(name) }]] : [],
    ),
  );
  return {
    ...edition,
    slides: { ...edition.slides, ...Object.fromEntries(pages) },
    items: { ...edition.items, ...Object.fromEntries(titles) },
  };
}

/** Which items of an edition students may not fill in, as a predicate. */
export function fixedIn(edition: Deck, mode: WorkMode): (itemId: ItemId) => boolean {
  return (itemId) => isFixed(edition, mode, itemId);
}

/**
 * Items that students may not fill in: in a class deck everything outside the pages of their own, but for slides that
 * are laid out as questions, such as one that was put in.
 */
export function isFixed(edition: Deck, mode: WorkMode, itemId: ItemId): boolean {
  if (mode !== 'slide-each') return false;
  const slide = edition.slides[edition.items[itemId]?.slideId ?? ''];
  return slide !== undefined && slide.layout !== 'class-page' && slide.layout !== 'question';
}
