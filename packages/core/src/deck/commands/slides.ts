/** Commands on slides: pure functions from a deck and arguments to changes. */
import type { Change } from '../change.js';
import { type Deck, itemsOf, slidesInOrder } from '../deck.js';
import type { Destination } from '../destination.js';
import { newId, type SlideId } from '../identifiers.js';
import { rankAt, ranksAt } from '../rank.js';
import { PAPER, type Slide } from '../slide.js';
import { copyIdsFor, copyItem } from './copying.js';

/** Adds an empty slide after another one, or at the end. */
export function addSlide(deck: Deck, options: { id: SlideId; name: string; after?: SlideId }): Change[] {
  const ordered = slidesInOrder(deck);
  const place = options.after === undefined ? -1 : ordered.findIndex((slide) => slide.id === options.after);
  const rank = rankAt(ordered, place < 0 ? ordered.length : place + 1);
  const slide: Slide = {
    id: options.id,
    name: options.name,
    rank,
    background: PAPER,
    leftOut: false,
    layout: 'blank',
    exits: 'open',
    notes: '',
  };
  return [{ type: 'put-slide', slide }];
}

/**
 * Copies a slide with its items right after itself. Links from the slide to itself lead to the copy,
 * and zones of the copy expect the copied pieces.
 */
export function duplicateSlide(
  deck: Deck,
  id: SlideId,
  options: { id: SlideId; name: string; createId?: () => string },
): Change[] {
  const original = deck.slides[id];
  if (!original) return [];
  const ordered = slidesInOrder(deck);
  const rank = rankAt(ordered, ordered.findIndex((slide) => slide.id === id) + 1);
  const createId = options.createId ?? newId;
  const items = itemsOf(deck, id);
  const copies = copyIdsFor(items, createId);
  const retie = (destination: Destination): Destination =>
    destination.to === 'slide' && destination.slideId === id ? { to: 'slide', slideId: options.id } : destination;
  return [
    { type: 'put-slide', slide: { ...original, id: options.id, name: options.name, rank } },
    ...items.map((item): Change => ({ type: 'put-item', item: copyItem(item, options.id, copies, retie) })),
  ];
}

/** Removes a slide with its items. Links to it stay, and are shown as open. */
export function removeSlide(deck: Deck, id: SlideId): Change[] {
  return deck.slides[id] ? [{ type: 'remove-slide', id }] : [];
}

/** Moves slides, in their present order, so that the first of them stands at `index` among the others. */
export function moveSlides(deck: Deck, ids: readonly SlideId[], index: number): Change[] {
  const ordered = slidesInOrder(deck);
  const moving = ordered.filter((slide) => ids.includes(slide.id));
  const resting = ordered.filter((slide) => !ids.includes(slide.id));
  const ranks = ranksAt(resting, Math.min(Math.max(0, index), resting.length), moving.length);
  return moving.map((slide, at) => ({ type: 'set-slide', id: slide.id, fields: { rank: ranks[at] ?? slide.rank } }));
}
