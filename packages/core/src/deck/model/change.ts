/** Changes: the smallest things that happen to a deck. Commands make them; everything that edits applies them. */
import type { Deck, DeckFields } from './deck.js';
import type { ItemId, SectionId, SlideId } from './identifiers.js';
import type { Item } from './item.js';
import type { Section } from './section.js';
import type { Slide } from './slide.js';

/** Any field of any item kind but the ones that say which item it is. */
export type ItemFields = { readonly [name: string]: unknown } & { readonly id?: never; readonly kind?: never };

/** One change. A change to something that is not there does nothing; an item's field set to `undefined` is taken away. */
export type Change =
  | { readonly type: 'set-deck'; readonly fields: Partial<Omit<DeckFields, 'version'>> }
  | { readonly type: 'put-slide'; readonly slide: Slide }
  | { readonly type: 'set-slide'; readonly id: SlideId; readonly fields: Partial<Omit<Slide, 'id'>> }
  | { readonly type: 'remove-slide'; readonly id: SlideId }
  | { readonly type: 'put-section'; readonly section: Section }
  | { readonly type: 'set-section'; readonly id: SectionId; readonly fields: Partial<Omit<Section, 'id'>> }
  | { readonly type: 'remove-section'; readonly id: SectionId }
  | { readonly type: 'put-item'; readonly item: Item }
  | { readonly type: 'set-item'; readonly id: ItemId; readonly fields: ItemFields }
  | { readonly type: 'remove-item'; readonly id: ItemId };

/**
 * The deck after some changes; whatever they do not touch is shared with the deck before. Takes time in proportion to
 * the changes and, once, to each of the deck's maps that they touch.
 */
export function applyChanges(deck: Deck, changes: readonly Change[]): Deck {
  const draft = new Draft(deck);
  for (const change of changes) draft.apply(change);
  return draft.deck;
}

/** A deck while changes are applied to it: a map is copied when it is touched for the first time. */
class Draft {
  private readonly copied = new Set<'slides' | 'items' | 'sections'>();

  constructor(public deck: Deck) {}

  apply(change: Change): void {
    const { slides, items, sections } = this.deck;
    switch (change.type) {
      case 'set-deck':
        this.deck = { ...this.deck, ...change.fields };
        return;
      case 'put-slide':
        this.own('slides')[change.slide.id] = change.slide;
        return;
      case 'set-slide': {
        const slide = slides[change.id];
        if (slide) this.own('slides')[change.id] = { ...slide, ...change.fields };
        return;
      }
      case 'remove-slide':
        if (slides[change.id]) this.removeSlide(change.id);
        return;
      case 'put-section':
        this.own('sections')[change.section.id] = change.section;
        return;
      case 'set-section': {
        const section = sections[change.id];
        if (section) this.own('sections')[change.id] = { ...section, ...change.fields };
        return;
      }
      case 'remove-section':
        if (sections[change.id]) delete this.own('sections')[change.id];
        return;
      case 'put-item':
        if (slides[change.item.slideId]) this.own('items')[change.item.id] = change.item;
        return;
      case 'set-item':
        if (items[change.id]) this.own('items')[change.id] = withFields(items[change.id], change.fields);
        return;
      case 'remove-item':
        if (items[change.id]) delete this.own('items')[change.id];
        return;
    }
  }

  /** A slide goes with its items. */
  private removeSlide(id: SlideId): void {
    delete this.own('slides')[id];
    const items = this.own('items');
    for (const [itemId, item] of Object.entries(items)) if (item.slideId === id) delete items[itemId];
  }

  /** One of the deck's maps, to be written into. */
  private own<M extends 'slides' | 'items' | 'sections'>(map: M): Record<string, Deck[M][string]> {
    if (!this.copied.has(map)) {
      this.deck = { ...this.deck, [map]: { ...this.deck[map] } };
      this.copied.add(map);
    }
    // Readonly for everybody else; the copy above is this draft's own.
    // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
    return this.deck[map] as Record<string, Deck[M][string]>;
  }
}

function withFields(item: Item | undefined, fields: ItemFields): Item {
  const changed: Record<string, unknown> = { ...item, ...fields };
  for (const [name, value] of Object.entries(fields)) if (value === undefined) delete changed[name];
  // Commands read what they set by the item's kind before.
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  return changed as unknown as Item;
}

/** The fields of an item that are others after something was done to it. */
export function changedFields(before: Item, after: Item): ItemFields {
  const was: Readonly<Record<string, unknown>> = { ...before };
  const entries = Object.entries(after).filter(([name, value]) => JSON.stringify(was[name]) !== JSON.stringify(value));
  return Object.fromEntries(entries);
}
