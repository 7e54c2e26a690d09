/** Changes: the smallest things that happen to a deck. Commands make them; everything that edits applies them. */
import type { Deck, DeckFields } from './deck.js';
import type { ItemId, SectionId, SlideId } from './identifiers.js';
import type { Item } from './item.js';
import type { Section } from './section.js';
import type { Slide } from './slide.js';

/** Any field of any item kind but the ones that say which item it is. */
export type ItemFields = { readonly [name: string]: unknown } & { readonly id?: never; readonly kind?: never };

/** One change. A change to something that is not there does nothing. */
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

/** The deck after some changes; whatever they do not touch is shared with the deck before. */
export function applyChanges(deck: Deck, changes: readonly Change[]): Deck {
  return changes.reduce(applyChange, deck);
}

function applyChange(deck: Deck, change: Change): Deck {
  switch (change.type) {
    case 'set-deck':
      return { ...deck, ...change.fields };
    case 'put-slide':
      return { ...deck, slides: { ...deck.slides, [change.slide.id]: change.slide } };
    case 'set-slide': {
      const slide = deck.slides[change.id];
      return slide ? { ...deck, slides: { ...deck.slides, [change.id]: { ...slide, ...change.fields } } } : deck;
    }
    case 'remove-slide': {
      if (!deck.slides[change.id]) return deck;
      const slides = without(deck.slides, change.id);
      const kept = Object.entries(deck.items).filter(([, item]) => item.slideId !== change.id);
      return { ...deck, slides, items: Object.fromEntries(kept) };
    }
    case 'put-section':
      return { ...deck, sections: { ...deck.sections, [change.section.id]: change.section } };
    case 'set-section': {
      const section = deck.sections[change.id];
      return section
        ? { ...deck, sections: { ...deck.sections, [change.id]: { ...section, ...change.fields } } }
        : deck;
    }
    case 'remove-section':
      return deck.sections[change.id] ? { ...deck, sections: without(deck.sections, change.id) } : deck;
    case 'put-item':
      return deck.slides[change.item.slideId]
        ? { ...deck, items: { ...deck.items, [change.item.id]: change.item } }
        : deck;
    case 'set-item': {
      const item = deck.items[change.id];
      return item ? { ...deck, items: { ...deck.items, [change.id]: { ...item, ...change.fields } as Item } } : deck;
    }
    case 'remove-item':
      return deck.items[change.id] ? { ...deck, items: without(deck.items, change.id) } : deck;
  }
}

function without<T>(record: Readonly<Record<string, T>>, key: string): Record<string, T> {
  const { [key]: _removed, ...rest } = record;
  return rest;
}
