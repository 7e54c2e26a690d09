/**
 * A deck as it stands in a Yjs document from one moment to the next: what events touch is noted, and read anew only when
 * the deck is asked for. Typing in a deck of hundreds of slides then costs no more than in a small one, for as long as
 * nobody looks.
 */
import type * as Y from 'yjs';
import { type Deck, type DeckFields, type ItemId, keepOrder } from '../deck/index.js';
import {
  deckFields,
  type FieldMap,
  itemMaps,
  readDeckDocument,
  readDeckFieldsOf,
  readItemMap,
  readSectionMap,
  readSlideMap,
  sectionMaps,
  slideMaps,
} from './deck-document.js';

/** Something that follows a document. */
export interface Follower<T> {
  /** Takes note of events, as given to an observer of `observeDeep`. */
  readonly take: (events: readonly Y.YEvent<Y.AbstractType<unknown>>[]) => void;
  /** What the document holds by now; the same object until something changed. */
  readonly get: () => T;
}

/** What has changed since the deck was read. */
interface Touched {
  fields: boolean;
  /** Whether slides came or went. */
  order: boolean;
  readonly slides: Set<string>;
  readonly sections: Set<string>;
  readonly items: Set<string>;
}

const untouched = (): Touched => ({
  fields: false,
  order: false,
  slides: new Set(),
  sections: new Set(),
  items: new Set(),
});

/**
 * Follows the deck of a document; it is to be given the events of all types of `deckScope`. Slides and items that did not
 * change keep their identity, so that views can tell at a glance what to draw again.
 */
export function followDeck(doc: Y.Doc): Follower<Deck> {
  let deck = readDeckDocument(doc);
  let touched: Touched | null = null;
  return {
    take: (events) => {
      touched ??= untouched();
      for (const event of events) note(doc, event, touched);
    },
    get: () => {
      if (touched) deck = readTouched(doc, deck, touched);
      touched = null;
      return deck;
    },
  };
}

function note(doc: Y.Doc, event: Y.YEvent<Y.AbstractType<unknown>>, touched: Touched): void {
  const isRoot = event.path.length === 0;
  const root: unknown = isRoot ? event.target : rootOf(event.target);
  const ids = isRoot ? [...event.changes.keys.keys()] : [String(event.path[0])];
  if (root === deckFields(doc)) touched.fields = true;
  if (root === slideMaps(doc)) {
    touched.order ||= isRoot;
    for (const id of ids) touched.slides.add(id);
  }
  if (root === sectionMaps(doc)) for (const id of ids) touched.sections.add(id);
  if (root === itemMaps(doc)) for (const id of ids) touched.items.add(id);
}

function readTouched(doc: Y.Doc, deck: Deck, touched: Touched): Deck {
  const fields: DeckFields = touched.fields ? readDeckFieldsOf(doc) : deck;
  const slides = readAnew(deck.slides, touched.slides, slideMaps(doc), readSlideMap);
  const sections = readAnew(deck.sections, touched.sections, sectionMaps(doc), readSectionMap);
  const changed = new Set(touched.items);
  if (touched.order) {
    itemMaps(doc).forEach((_map, id) => {
      if (!deck.items[id]) changed.add(id);
    });
    // A slide that went takes its items along.
    for (const [id, item] of Object.entries(deck.items)) if (!slides[item.slideId]) changed.add(id);
  }
  const readPlaced = (id: ItemId, map: unknown) => {
    const item = readItemMap(id, map);
    return item && slides[item.slideId] ? item : null;
  };
  const items = readAnew(deck.items, changed, itemMaps(doc), readPlaced);
  if (items !== deck.items) keepOrder(deck.items, items, changed);
  const { title, size, theme, language, playing, walks, check } = fields;
  return { ...deck, title, size, theme, language, playing, walks, check, slides, items, sections };
}

function rootOf(type: Y.AbstractType<unknown>): Y.AbstractType<unknown> {
  let current = type;
  while (current.parent) current = current.parent as Y.AbstractType<unknown>;
  return current;
}

/** A record with some of its entries read anew; those that are gone, or cannot be read, are left out. */
function readAnew<T>(
  record: Readonly<Record<string, T>>,
  ids: ReadonlySet<string>,
  maps: Y.Map<FieldMap>,
  read: (id: string, map: unknown) => T | null,
): Readonly<Record<string, T>> {
  if (ids.size === 0) return record;
  const made = { ...record };
  for (const id of ids) {
    const map = maps.get(id);
    const value = map ? read(id, map) : null;
    if (value === null) delete made[id];
    else made[id] = value;
  }
  return made;
}
