/**
 * A deck as a Yjs document, both ways. The map `deck` holds the deck's own fields; `slides`, `items` and
 * `sections` hold a map of fields for each id. Fields are JSON values, but for rich texts, which are XML fragments that people
 * type in, and for those that merge by part (`field-parts.ts`).
 */
import * as Y from 'yjs';
import {
  type Change,
  type Deck,
  type DeckFields,
  emptyDeck,
  isId,
  isTextField,
  type Item,
  type ItemId,
  readDeckFields,
  readItem,
  readRichText,
  readSection,
  readSlide,
  type Section,
  type SectionId,
  type Slide,
  type SlideId,
  type TextField,
} from '../deck/index.js';
import { isParted, joinParts, partsOf, writeParts } from './field-parts.js';
import { plainFields } from './plain-fields.js';
import { readFragment, writeFragment } from './rich-text-fragment.js';
import { statedOfItem, statedOfSlide } from './stated-fields.js';

export type FieldMap = Y.Map<unknown>;

export const deckFields = (doc: Y.Doc): FieldMap => doc.getMap('deck');
export const slideMaps = (doc: Y.Doc): Y.Map<FieldMap> => doc.getMap('slides');
export const sectionMaps = (doc: Y.Doc): Y.Map<FieldMap> => doc.getMap('sections');
export const itemMaps = (doc: Y.Doc): Y.Map<FieldMap> => doc.getMap('items');

/** The shared types that an undo covers: all of the deck. */
export function deckScope(doc: Y.Doc): Y.Map<unknown>[] {
  return ['deck', 'slides', 'items', 'sections'].map((name) => doc.getMap(name));
}

/** The fragment that holds an item's text, for an editor to type in; `null` when the item has none. */
export function textFragment(doc: Y.Doc, itemId: ItemId, field: TextField = 'text'): Y.XmlFragment | null {
  const fragment = fieldsUnder(itemMaps(doc), itemId)?.get(field);
  return fragment instanceof Y.XmlFragment ? fragment : null;
}

/** The deck that a document holds. Items whose slide is gone are passed over. */
export function readDeckDocument(doc: Y.Doc): Deck {
  const slides: Record<SlideId, Slide> = {};
  slideMaps(doc).forEach((map, id) => {
    const slide = readSlideMap(id, map);
    if (slide) slides[id] = slide;
  });
  const items: Record<ItemId, Item> = {};
  itemMaps(doc).forEach((map, id) => {
    const item = readItemMap(id, map);
    if (item && slides[item.slideId]) items[id] = item;
  });
  const sections: Record<SectionId, Section> = {};
  sectionMaps(doc).forEach((map, id) => {
    const section = readSectionMap(id, map);
    if (section) sections[id] = section;
  });
  return { ...readDeckFieldsOf(doc), slides, items, sections };
}

/** The fields of a deck that are not its slides, items and sections, as a document holds them. */
export function readDeckFieldsOf(doc: Y.Doc): DeckFields {
  return readDeckFields(plainFields(deckFields(doc)));
}

/** The slide under an id; `null` when what is there is none. */
export function readSlideMap(id: SlideId, map: unknown): Slide | null {
  return isId(id) && map instanceof Y.Map ? readSlide(id, plainFields(map)) : null;
}

/** The section under an id; `null` when what is there is none. */
export function readSectionMap(id: SectionId, map: unknown): Section | null {
  return isId(id) && map instanceof Y.Map ? readSection(id, plainFields(map)) : null;
}

/** The item under an id; `null` when what is there is none. */
export function readItemMap(id: ItemId, map: unknown): Item | null {
  if (!isId(id) || !(map instanceof Y.Map)) return null;
  const texts: Record<string, unknown> = {};
  (map as FieldMap).forEach((value, name) => {
    if (value instanceof Y.XmlFragment) texts[name] = readFragment(value);
  });
  return readItem(id, { ...joinParts(plainFields(map)), ...texts });
}

/** What is under an id, when it is a map of fields: authors of other programs may have put anything there. */
function fieldsUnder(maps: Y.Map<FieldMap>, id: string): FieldMap | null {
  const map: unknown = maps.get(id);
  return map instanceof Y.Map ? (map as FieldMap) : null;
}

/** Writes changes into the document in one transaction, so that `readDeckDocument` then gives what `applyChanges` gives. */
export function writeChanges(doc: Y.Doc, changes: readonly Change[], origin?: unknown): void {
  doc.transact(() => {
    for (const change of changes) writeChange(doc, change);
  }, origin);
}

function writeChange(doc: Y.Doc, change: Change): void {
  const slides = slideMaps(doc);
  const items = itemMaps(doc);
  switch (change.type) {
    case 'set-deck':
      return setFields(deckFields(doc), change.fields);
    case 'put-slide':
      slides.set(change.slide.id, mapOf(statedOfSlide(change.slide)));
      return;
    case 'set-slide': {
      const map = fieldsUnder(slides, change.id);
      if (map) setFields(map, change.fields);
      return;
    }
    case 'remove-slide':
      items.forEach((_map, id) => {
        if (fieldsUnder(items, id)?.get('slideId') === change.id) items.delete(id);
      });
      return slides.delete(change.id);
    case 'put-section':
      sectionMaps(doc).set(change.section.id, mapOf(withoutId(change.section)));
      return;
    case 'set-section': {
      const map = fieldsUnder(sectionMaps(doc), change.id);
      if (map) setFields(map, change.fields);
      return;
    }
    case 'remove-section':
      return sectionMaps(doc).delete(change.id);
    case 'put-item':
      if (slides.has(change.item.slideId)) items.set(change.item.id, mapOf(statedOfItem(change.item)));
      return;
    case 'set-item': {
      const map = fieldsUnder(items, change.id);
      if (map) setFields(map, change.fields);
      return;
    }
    case 'remove-item':
      return items.delete(change.id);
  }
}

function withoutId<T extends { readonly id: string }>({ id: _id, ...fields }: T): Omit<T, 'id'> {
  return fields;
}

function mapOf(fields: object): FieldMap {
  const map: FieldMap = new Y.Map();
  for (const [name, value] of Object.entries(fields)) {
    if (isParted(name)) for (const [part, held] of partsOf(name, value)) map.set(part, held);
    else map.set(name, isTextField(name) ? fragmentOf(value) : value);
  }
  return map;
}

function fragmentOf(text: unknown): Y.XmlFragment {
  const fragment = new Y.XmlFragment();
  writeFragment(fragment, readRichText(text));
  return fragment;
}

function setFields(map: FieldMap, fields: object): void {
  for (const [name, value] of Object.entries(fields)) {
    const present = map.get(name);
    if (isParted(name)) writeParts(map, name, value);
    else if (value === undefined) map.delete(name);
    else if (present instanceof Y.XmlFragment) writeFragment(present, readRichText(value));
    else if (isTextField(name)) map.set(name, fragmentOf(value));
    else if (JSON.stringify(present) !== JSON.stringify(value)) map.set(name, value);
  }
}

/** Fills an empty document with a deck. */
export function writeDeckDocument(doc: Y.Doc, deck: Deck, origin?: unknown): void {
  doc.transact(() => {
    const { slides, items, sections, ...fields } = deck;
    setFields(deckFields(doc), fields);
    for (const slide of Object.values(slides)) slideMaps(doc).set(slide.id, mapOf(statedOfSlide(slide)));
    for (const section of Object.values(sections)) sectionMaps(doc).set(section.id, mapOf(withoutId(section)));
    for (const item of Object.values(items)) itemMaps(doc).set(item.id, mapOf(statedOfItem(item)));
  }, origin);
}

/** A document for a new deck, as an update to store. */
export function encodeDeck(deck: Deck): Uint8Array {
  const doc = new Y.Doc();
  writeDeckDocument(doc, { ...emptyDeck(''), ...deck });
  return Y.encodeStateAsUpdate(doc);
}
