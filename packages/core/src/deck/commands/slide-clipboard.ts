/** Slides on the clipboard, within a deck and between decks: written as JSON, and read back with suspicion. */
import type { Change } from '../model/change.js';
import { type Deck, slidesInOrder } from '../model/deck.js';
import { itemsOf } from '../model/items-in-order.js';
import { readDeck } from '../model/read-deck.js';
import { newId, type SlideId } from '../model/identifiers.js';
import { ranksAt } from '../model/rank.js';
import { entriesOf } from '../model/running-order.js';
import { inLanguage, inLanguageOf } from './clipboard.js';
import { copyIdsFor, copyItem } from './copying.js';

/** The clipboard's type for slides. */
export const SLIDES_TYPE = 'application/x-gobrel-slides+json';

/** Slides with their items, written for the clipboard. */
export function slidesToClip(deck: Deck, ids: readonly SlideId[]): string {
  const slides = Object.fromEntries(ids.flatMap((id) => (deck.slides[id] ? [[id, deck.slides[id]]] : [])));
  const items = Object.fromEntries(Object.entries(deck.items).filter(([, item]) => item.slideId in slides));
  return JSON.stringify({ ...deck, title: '', sections: {}, slides, items });
}

/** The slides of a clip, as a deck of their own; `null` when there are none that can be read. */
export function readSlideClip(json: string): Deck | null {
  try {
    const { deck } = readDeck(JSON.parse(json));
    return Object.keys(deck.slides).length > 0 ? deck : null;
  } catch {
    return null;
  }
}

/** What a paste of slides gives. */
interface PastedSlides {
  readonly changes: Change[];
  /** The new slides, in order. */
  readonly pasted: readonly SlideId[];
  /** How many links of theirs lead to slides that are not in this deck. */
  readonly openLinks: number;
}

/**
 * Places clipped slides after another one, under new ids. Links among them lead to the new slides; links to slides of
 * this deck stay; links to slides that only the other deck has come along and are open. Words stay in the language of the deck they come from.
 */
export function pasteSlides(deck: Deck, clip: Deck, after: SlideId, createId: () => string = newId): PastedSlides {
  const ordered = entriesOf(deck);
  const clipped = slidesInOrder(clip);
  const ranks = ranksAt(ordered, ordered.findIndex((slide) => slide.id === after) + 1, clipped.length);
  const slideIds = new Map(clipped.map((slide) => [slide.id, createId()]));
  const itemsBySlide = clipped.map(({ id }) =>
    itemsOf(clip, id).filter((item) => !(item.onLayout && deck.items[item.id])),
  );
  const copies = copyIdsFor(itemsBySlide.flat(), createId);
  let openLinks = 0;
  const led = (slideId: SlideId): SlideId => {
    const copied = slideIds.get(slideId);
    if (copied === undefined && !deck.slides[slideId]) openLinks += 1;
    return copied ?? slideId;
  };
  // What stands behind the whole layout is not copied, and may be referred to.
  const isBeside = (id: string) => deck.items[id]?.onLayout === true;
  const changes = clipped.flatMap((slide, at): Change[] => {
    const id = slideIds.get(slide.id) ?? slide.id;
    return [
      { type: 'put-slide', slide: { ...slide, id, rank: ranks[at] ?? slide.rank } },
      ...(itemsBySlide[at] ?? []).map((item): Change => ({
        type: 'put-item',
        item: inLanguageOf(deck, copyItem(inLanguage(item, clip.language), id, { ids: copies, slide: led, isBeside })),
      })),
    ];
  });
  return { changes, pasted: [...slideIds.values()], openLinks };
}
