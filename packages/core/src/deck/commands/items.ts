/** Commands on items: pure functions from a deck and arguments to changes. */
import { type Frame, moveFrame, type Point } from '../../geometry/index.js';
import { type Change, changedFields, type ItemFields } from '../model/change.js';
import { type Deck, sizeOf, slidesInOrder } from '../model/deck.js';
import { itemsOf } from '../model/items-in-order.js';
import { readItem } from '../model/read-deck.js';
import type { Destination } from '../links/destination.js';
import { type ItemId, newId, type SlideId } from '../model/identifiers.js';
import type { Item, ItemKindName, OwnFields } from '../model/item.js';
import type { Layer, Role } from '../model/item-base.js';
import { contentsOf, itemKinds, withoutContents } from '../kinds/item-kinds.js';
import { lettingGo } from '../lines/line-commands.js';
import { byRank, ranksAt } from '../model/rank.js';
import { letGoOf } from '../references/index.js';
import { ownedFields } from '../text/dressing.js';
import type { RichText } from '../text/rich-text.js';
import { fieldsForBox } from './box-style.js';
import { copyIdsFor, copyItem, orderedLast } from './copying.js';

/** How far a copy is set off from its original, in slide units. */
const COPY_OFFSET = 24;

/** Places a new item in front of the others; without a frame, in the middle of the slide at its usual size. */
export function addItem<K extends ItemKindName>(
  deck: Deck,
  options: {
    id: ItemId;
    slideId: SlideId;
    kind: K;
    frame?: Frame;
    layer?: Layer;
    loose?: boolean;
    link?: Destination;
    name?: string;
    role?: Role;
    fields?: Partial<OwnFields<K>>;
  },
): Change[] {
  if (!deck.slides[options.slideId]) return [];
  const layer = options.layer ?? 'slide';
  const present = itemsOf(deck, options.slideId).filter((item) => item.layer === layer);
  const item = readItem(options.id, {
    ...options.fields,
    kind: options.kind,
    slideId: options.slideId,
    rank: ranksAt(present, present.length, 1)[0],
    frame: options.frame ?? centredFrame(deck, itemKinds[options.kind].size),
    layer,
    loose: options.loose ?? false,
    link: options.link ?? null,
    name: options.name ?? '',
    role: options.role ?? null,
  });
  if (!item) return [];
  const style = item.loose ? 'piece' : item.link ? 'button' : null;
  const styled = style === null || 'boxStyle' in (options.fields ?? {}) ? {} : fieldsForBox(deck, item, style);
  return [{ type: 'put-item', item: { ...item, ...styled } }];
}

/** A frame of the given size in the middle of the deck's slides. */
export function centredFrame(deck: Deck, size: { readonly width: number; readonly height: number }): Frame {
  const slide = sizeOf(deck);
  return { x: (slide.width - size.width) / 2, y: (slide.height - size.height) / 2, ...size, rotation: 0 };
}

/** Whether an author's gestures move and remove an item: not when it is in the backdrop or locked. */
export function isMovable(item: Item): boolean {
  return item.layer !== 'backdrop' && !item.locked;
}

/** Sets frames: the one command behind moving, resizing and turning. What is not movable stays where it is. */
export function setFrames(deck: Deck, frames: Readonly<Record<ItemId, Frame>>): Change[] {
  return Object.entries(frames).flatMap(([id, frame]): Change[] => {
    const item = deck.items[id];
    if (!item || !isMovable(item)) return [];
    const loosened = item.kind === 'line' ? lettingGo(item, (other) => other in frames) : {};
    return [{ type: 'set-item', id, fields: { frame, ...loosened } }];
  });
}

/** Moves items by slide units. */
export function moveItems(deck: Deck, ids: readonly ItemId[], dx: number, dy: number): Change[] {
  const frames = ids.flatMap((id) => {
    const item = deck.items[id];
    return item ? [[id, moveFrame(item.frame, dx, dy)] as const] : [];
  });
  return setFrames(deck, Object.fromEntries(frames));
}

/** Sets items into the backdrop (at its front, no longer loose) or takes them out of it. */
export function setLayer(deck: Deck, ids: readonly ItemId[], layer: Layer): Change[] {
  const moving = ids.flatMap((id) => {
    const item = deck.items[id];
    return item && item.layer !== layer ? [item] : [];
  });
  const first = moving[0];
  if (!first) return [];
  const others = itemsOf(deck, first.slideId).filter((item) => item.layer === layer);
  const index = layer === 'backdrop' ? others.length : 0;
  const ranks = ranksAt(others, index, moving.length);
  return moving.map((item, at) => ({
    type: 'set-item',
    id: item.id,
    fields: { layer, rank: ranks[at] ?? item.rank, ...(layer === 'backdrop' ? { loose: false } : { onLayout: false }) },
  }));
}

/** Puts items into the backdrop of their slide's layout, so that they stand behind every slide of it, or takes them out. */
export function setOnLayout(deck: Deck, ids: readonly ItemId[], onLayout: boolean): Change[] {
  return [
    ...(onLayout ? setLayer(deck, ids, 'backdrop') : []),
    ...ids.flatMap((id): Change[] =>
      deck.items[id] && deck.items[id].onLayout !== onLayout ? [{ type: 'set-item', id, fields: { onLayout } }] : [],
    ),
  ];
}

/**
 * Gives what a slide keeps for its layout to another slide of that layout, before the slide goes or gets another
 * layout: nothing when there is no other.
 */
export function leaveToLayout(deck: Deck, slideId: SlideId): Change[] {
  const slide = deck.slides[slideId];
  const heir = slidesInOrder(deck).find((other) => other.id !== slideId && other.layout === slide?.layout);
  if (!heir) return [];
  return itemsOf(deck, slideId).flatMap((item): Change[] =>
    item.onLayout ? [{ type: 'set-item', id: item.id, fields: { slideId: heir.id } }] : [],
  );
}

/** Takes some pictures and files off slides and their grounds and voices, as those of somebody else. */
export function withoutPictures(deck: Deck, pictures: readonly string[]): Change[] {
  const gone = new Set(pictures);
  return [
    ...Object.values(deck.items).flatMap((item): Change[] => {
      if (!contentsOf(item).some(({ id }) => gone.has(id))) return [];
      const left = withoutContents(item, gone);
      return left
        ? [{ type: 'set-item', id: item.id, fields: changedFields(item, left) }]
        : removeItems(deck, [item.id]);
    }),
    ...Object.values(deck.slides).flatMap(({ id, groundPicture, voice }): Change[] => [
      ...(groundPicture && gone.has(groundPicture.picture)
        ? [{ type: 'set-slide' as const, id, fields: { groundPicture: null } }]
        : []),
      ...(voice && gone.has(voice.file) ? [{ type: 'set-slide' as const, id, fields: { voice: null } }] : []),
    ]),
  ];
}

/** Ties an item's link to a destination, or takes the link off. */
export function setLink(deck: Deck, id: ItemId, link: Destination | null): Change[] {
  const item = deck.items[id];
  if (!item) return [];
  const styled = link && !item.loose ? fieldsForBox(deck, item, 'button') : {};
  return [{ type: 'set-item', id, fields: { link, ...styled } }];
}

/** Sets fields of an item's own kind; what the kind does not know or cannot read is left as it was. */
export function setItemFields(deck: Deck, id: ItemId, fields: ItemFields): Change[] {
  const item = deck.items[id];
  if (!item) return [];
  const owned = ownedFields(item, fields);
  const read = readItem(id, { ...item, ...owned });
  if (!read) return [];
  const known = Object.keys(owned).filter((name) => Object.hasOwn(read, name));
  const fieldsRead: Readonly<Record<string, unknown>> = { ...read };
  return known.length === 0
    ? []
    : [{ type: 'set-item', id, fields: Object.fromEntries(known.map((name) => [name, fieldsRead[name]])) }];
}

/** Replaces an item's text. */
export function setText(deck: Deck, id: ItemId, text: RichText): Change[] {
  return setItemFields(deck, id, { text });
}

/** Puts an item at a place in the stacking order of its layer, counted from the back among the others. */
export function stackAt(deck: Deck, id: ItemId, place: number): Change[] {
  const item = deck.items[id];
  if (!item) return [];
  const others = itemsOf(deck, item.slideId).filter((other) => other.layer === item.layer && other.id !== id);
  const rank = ranksAt(others, Math.min(Math.max(0, place), others.length), 1)[0] ?? item.rank;
  return [{ type: 'set-item', id, fields: { rank } }];
}

/** Brings items to the front of their layer, or sends them to its back. */
export function restack(deck: Deck, ids: readonly ItemId[], to: 'front' | 'back'): Change[] {
  const first = ids.map((id) => deck.items[id]).find((item) => item !== undefined);
  if (!first) return [];
  const inLayer = itemsOf(deck, first.slideId).filter((item) => item.layer === first.layer);
  const moving = inLayer.filter((item) => ids.includes(item.id));
  const resting = inLayer.filter((item) => !ids.includes(item.id));
  const ranks = ranksAt(resting, to === 'front' ? resting.length : 0, moving.length);
  return moving.map((item, at) => ({ type: 'set-item', id: item.id, fields: { rank: ranks[at] ?? item.rank } }));
}

/** Copies items on their slide, in front of the others, set off by some slide units. */
export function duplicateItems(
  deck: Deck,
  ids: readonly ItemId[],
  createId: () => string = newId,
  by: Point = { x: COPY_OFFSET, y: COPY_OFFSET },
): { changes: Change[]; copies: ItemId[] } {
  const originals = Object.values(deck.items)
    .filter((item) => ids.includes(item.id))
    .sort(byRank);
  const first = originals[0];
  if (!first) return { changes: [], copies: [] };
  const present = itemsOf(deck, first.slideId).filter((item) => item.layer === 'slide');
  const ranks = ranksAt(present, present.length, originals.length);
  const copyIds = copyIdsFor(originals, createId);
  const copies = originals.map((item, at): Item => {
    const copy = copyItem(item, item.slideId, { ids: copyIds, isBeside: () => true });
    const frame = moveFrame(item.frame, by.x, by.y);
    return { ...copy, layer: 'slide', locked: false, rank: ranks[at] ?? item.rank, frame };
  });
  const placed = orderedLast(deck, first.slideId, copies);
  return { changes: placed.map((item) => ({ type: 'put-item', item })), copies: placed.map(({ id }) => id) };
}

/** Locks items where they are, or unlocks them. */
export function setLocked(deck: Deck, ids: readonly ItemId[], locked: boolean): Change[] {
  return setEach(deck, ids, { locked });
}

/** Puts items out of sight, or shows them again. */
export function setHidden(deck: Deck, ids: readonly ItemId[], hidden: boolean): Change[] {
  return setEach(deck, ids, { hidden });
}

function setEach(deck: Deck, ids: readonly ItemId[], fields: Partial<Pick<Item, 'locked' | 'hidden'>>): Change[] {
  return ids.flatMap((id): Change[] => (deck.items[id] ? [{ type: 'set-item', id, fields }] : []));
}

/** Removes items; what referred to them lets go of them, but for links, which are dangling then. */
export function removeItems(deck: Deck, ids: readonly ItemId[]): Change[] {
  const removed = ids.filter((id) => deck.items[id]);
  return [...letGoOf(deck, removed), ...removed.map((id): Change => ({ type: 'remove-item', id }))];
}
