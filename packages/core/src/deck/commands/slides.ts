/** Commands on slides: pure functions from a deck and arguments to changes. */
import { applyChanges, type Change } from '../model/change.js';
import { type Deck, slidesInOrder } from '../model/deck.js';
import { itemsOf } from '../model/items-in-order.js';
import { newId, type SlideId } from '../model/identifiers.js';
import { rankAt } from '../model/rank.js';
import { entriesOf } from '../model/running-order.js';
import { PAPER, type Slide } from '../model/slide.js';
import { type CopySet, copyIdsFor, copyItem } from './copying.js';
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
    voice: null,
    notes: '',
    transition: null,
    stays: null,
    overview: 'first',
  };
  return [{ type: 'put-slide', slide }];
}

/** A slide to be copied, and the id and name of its copy. */
interface SlideCopy {
  readonly original: Slide;
  readonly id: SlideId;
  readonly name: string;
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
  return original ? copySlides(deck, [{ original, ...options }], options.createId ?? newId) : [];
}

/** Copies slides, each right after its original; what they refer to among each other leads to the copies. */
function copySlides(deck: Deck, copies: readonly SlideCopy[], createId: () => string): Change[] {
  const ordered = entriesOf(deck).map(({ id, rank }) => ({ id, rank }));
  const slideIds = new Map(copies.map(({ original, id }) => [original.id, id]));
  const itemsOfEach = copies.map(({ original }) => itemsOf(deck, original.id).filter((item) => !item.onLayout));
  const ids = copyIdsFor(itemsOfEach.flat(), createId);
  const set: CopySet = {
    ids,
    slide: (other) => slideIds.get(other) ?? other,
    isBeside: (id) => deck.items[id]?.onLayout === true,
  };
  return copies.flatMap(({ original, id, name }, at): Change[] => {
    const place = ordered.findIndex((slide) => slide.id === original.id) + 1;
    const rank = rankAt(ordered, place);
    ordered.splice(place, 0, { id, rank });
    return [
      { type: 'put-slide', slide: { ...original, id, name, rank, onMap: null } },
      ...(itemsOfEach[at] ?? []).map((item): Change => ({ type: 'put-item', item: copyItem(item, id, set) })),
    ];
  });
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

/** Copies several slides, each right after itself, tied to one another as they were; gives the ids of the copies in the order of `ids`. */
export function duplicateSlides(
  deck: Deck,
  ids: readonly SlideId[],
  options: { nameOf: (slide: Slide) => string; createId?: () => string },
): { readonly changes: Change[]; readonly copies: readonly SlideId[] } {
  const createId = options.createId ?? newId;
  const copies = ids.flatMap((id): SlideCopy[] => {
    const original = deck.slides[id];
    return original ? [{ original, id: createId(), name: options.nameOf(original) }] : [];
  });
  return { changes: copySlides(deck, copies, createId), copies: copies.map(({ id }) => id) };
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
