/** Commands on slides: pure functions from a deck and arguments to changes. */
import { applyChanges, type Change } from '../change.js';
import { type Deck, itemsOf, slidesInOrder } from '../deck.js';
import type { Destination } from '../destination.js';
import { newId, type SlideId } from '../identifiers.js';
import { rankAt } from '../rank.js';
import { entriesOf } from '../running-order.js';
import { PAPER, type Slide } from '../slide.js';
import { copyIdsFor, copyItem, retied } from './copying.js';
import { leaveToLayout } from './items.js';

/** Adds an empty slide after another one, or at the end. */
export function addSlide(deck: Deck, options: { id: SlideId; name: string; after?: SlideId }): Change[] {
  const ordered = entriesOf(deck);
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
    ending: false,
    onMap: null,
    numbered: false,
    wash: null,
    groundPicture: null,
    notes: '',
    transition: null,
    stays: null,
    overview: 'first',
  };
  return [{ type: 'put-slide', slide }];
}

/**
 * Copies a slide with its items right after itself. Links from the slide to itself lead to the copy,
 * and zones of the copy expect the copied pieces. What stands behind the whole layout is there already.
 */
export function duplicateSlide(
  deck: Deck,
  id: SlideId,
  options: { id: SlideId; name: string; createId?: () => string },
): Change[] {
  const original = deck.slides[id];
  if (!original) return [];
  const ordered = entriesOf(deck);
  const rank = rankAt(ordered, ordered.findIndex((slide) => slide.id === id) + 1);
  const createId = options.createId ?? newId;
  const items = itemsOf(deck, id).filter((item) => !item.onLayout);
  const copies = copyIdsFor(items, createId);
  const retie = (destination: Destination): Destination =>
    retied(destination, {
      slide: (other) => (other === id ? options.id : other),
      item: (other) => copies.get(other) ?? other,
    });
  return [
    { type: 'put-slide', slide: { ...original, id: options.id, name: options.name, rank, onMap: null } },
    ...items.map((item): Change => ({ type: 'put-item', item: copyItem(item, options.id, copies, retie) })),
  ];
}

/** Removes a slide with its items. Links to it stay, and are shown as open. */
export function removeSlide(deck: Deck, id: SlideId): Change[] {
  return deck.slides[id] ? [...leaveToLayout(deck, id), { type: 'remove-slide', id }] : [];
}

/** Removes several slides with their items; when that is all of them, the first in the running order stays. */
export function removeSlides(deck: Deck, ids: readonly SlideId[]): Change[] {
  const all = slidesInOrder(deck);
  const going = ids.length < all.length ? ids : ids.filter((id) => id !== all[0]?.id);
  return inTurn(deck, going, (present, id) => removeSlide(present, id));
}

/** Copies several slides, each right after itself; gives the ids of the copies in the order of `ids`. */
export function duplicateSlides(
  deck: Deck,
  ids: readonly SlideId[],
  options: { nameOf: (slide: Slide) => string; createId?: () => string },
): { readonly changes: Change[]; readonly copies: readonly SlideId[] } {
  const createId = options.createId ?? newId;
  const copies: SlideId[] = [];
  const changes = inTurn(deck, ids, (present, id) => {
    const slide = present.slides[id];
    if (!slide) return [];
    const copy = createId();
    copies.push(copy);
    return duplicateSlide(present, id, { id: copy, name: options.nameOf(slide), createId });
  });
  return { changes, copies };
}

/** The changes of one command after the other, each on what the ones before have made. */
function inTurn(deck: Deck, ids: readonly SlideId[], act: (deck: Deck, id: SlideId) => Change[]): Change[] {
  let present = deck;
  return ids.flatMap((id) => {
    const changes = act(present, id);
    present = applyChanges(present, changes);
    return changes;
  });
}
