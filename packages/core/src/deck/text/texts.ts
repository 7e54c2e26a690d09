/** The texts that authors write in items: one in a text or a shape, one a cell in a table. */
import type { Item, ShapeItem, TableItem, TextItem } from '../model/item.js';
import type { FieldText } from './field-text.js';
import { kindOf } from '../kinds/item-kinds.js';
import type { Destination } from '../links/destination.js';
import { type LinkedWords, linkedWordsOf, relinkWords, type RichText } from './rich-text.js';

/** Whether an item is a box of words: one text that fills it. */
export function isWordBox(item: Item): item is TextItem | ShapeItem {
  return item.kind === 'text' || item.kind === 'shape';
}

/** Whether the words of an item have a look: a box of words, or a table. */
export function hasLook(item: Item): item is TextItem | ShapeItem | TableItem {
  return 'look' in item;
}

/** The texts of an item, in reading order. */
export function textsOf(item: Item): readonly FieldText[] {
  return kindOf(item).texts(item);
}

/** The texts of an item, changed, by their fields. */
export function mapTexts(item: Item, change: (text: RichText) => RichText): Readonly<Record<string, RichText>> {
  return Object.fromEntries(textsOf(item).map(({ field, text }) => [field, change(text)]));
}

/** The linked words of all texts of an item, in reading order. */
export function linkedWordsIn(item: Item): readonly LinkedWords[] {
  return textsOf(item).flatMap(({ text }) => linkedWordsOf(text));
}

/**
 * The text of an item in which some linked words lead elsewhere, or nowhere; `null` when there are no such words.
 * @param run which of the linked words, as `linkedWordsIn` counts them
 */
export function relinkedIn(item: Item, run: number, destination: Destination | null): FieldText | null {
  let before = 0;
  for (const { field, text } of textsOf(item)) {
    const count = linkedWordsOf(text).length;
    if (run < before + count) return { field, text: relinkWords(text, run - before, destination) };
    before += count;
  }
  return null;
}
