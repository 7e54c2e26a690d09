/** Slides that came from elsewhere, made into what is answered: a question out of their list, or a worksheet over all of it. */
import { type Change, applyChanges } from '../model/change.js';
import { type Deck, sizeOf } from '../model/deck.js';
import { type ItemId, newId, type SlideId } from '../model/identifiers.js';
import type { Item } from '../model/item.js';
import { itemsOf } from '../model/items-in-order.js';
import { MOST_CHOICES } from '../kinds/choice.js';
import type { Block, RichText } from '../text/rich-text.js';
import { lettersOf } from '../text/rich-text.js';
import { itemKinds } from '../kinds/item-kinds.js';
import { addItem, removeItems, setLayer } from './items.js';

/** What was made, and where it is. */
interface Converted {
  readonly changes: readonly Change[];
  readonly itemId: ItemId;
}

/** The least choices of a question. */
const LEAST_CHOICES = 2;
/** A letter or number that stands before a choice, as in “A) ”, “b. ” or “3. ”. */
const LETTER = /^(?:[A-Za-z]|\d{1,2})[.):]?\s+(?=\S)/;

/** Puts all that is on a slide where nobody drags it away, and lays an area over it in which students write and draw; `null` where one is there. */
export function slideAsWorksheet(deck: Deck, slideId: SlideId, createId: () => string = newId): Converted | null {
  const items = itemsOf(deck, slideId);
  if (!deck.slides[slideId] || items.some(({ kind }) => kind === 'open-area')) return null;
  const still = items.filter((item) => !item.loose && !itemKinds[item.kind].asks && item.link === null);
  const locked = setLayer(
    deck,
    still.map(({ id }) => id),
    'backdrop',
  );
  const id = createId();
  const frame = { x: 0, y: 0, ...sizeOf(deck), rotation: 0 };
  return { changes: [...locked, ...addItem(deck, { id, slideId, kind: 'open-area', frame })], itemId: id };
}

/**
 * Makes a question with choices out of the list of a slide: what stands before the list, or else the title, is what is asked. Where there is no
 * list, a question that is answered in words under everything. `null` where the slide asks something already.
 */
export function slideAsQuestion(
  deck: Deck,
  slideId: SlideId,
  createId: () => string = newId,
): (Converted & { /** Whether it is answered by choosing. */ readonly isChoice: boolean }) | null {
  const items = itemsOf(deck, slideId);
  if (!deck.slides[slideId] || items.some((item) => itemKinds[item.kind].asks)) return null;
  const title = items.find(({ role }) => role === 'title');
  const titled = (title ? wordsOf(title) : '') || deck.slides[slideId].name;
  const found = items
    .map((item) => ({ item, list: item === title ? null : listIn(item) }))
    .find(({ list }) => list !== null);
  const id = createId();
  if (found?.list) {
    const { prompt, choices } = found.list;
    const fields = {
      prompt: prompt || titled,
      choices: choices.slice(0, MOST_CHOICES).map((text) => ({ id: createId(), text })),
    };
    const { frame } = found.item;
    const removed = removeItems(deck, [found.item.id]);
    const without = applyChanges(deck, removed);
    return {
      changes: [...removed, ...addItem(without, { id, slideId, kind: 'choice', frame, fields })],
      itemId: id,
      isChoice: true,
    };
  }
  const { width, height } = sizeOf(deck);
  const frame = { x: width * 0.06, y: height * 0.66, width: width * 0.88, height: height * 0.28, rotation: 0 };
  return {
    changes: addItem(deck, { id, slideId, kind: 'long-text', frame, fields: { prompt: titled } }),
    itemId: id,
    isChoice: false,
  };
}

function wordsOf(item: Item): string {
  return item.kind === 'text' || item.kind === 'shape' ? lettersOf(item.text).trim() : '';
}

/** What is asked and what can be chosen, where a text has a list, or lines with letters before them. */
function listIn(item: Item): { readonly prompt: string; readonly choices: readonly string[] } | null {
  if ((item.kind !== 'text' && item.kind !== 'shape') || item.layer === 'backdrop' || item.link) return null;
  return ofList(item.text) ?? ofLines(item.text);
}

function ofList(text: RichText) {
  const at = text.content.findIndex(({ type }) => type === 'bulletList' || type === 'orderedList');
  const list = text.content[at];
  if (!list || (list.type !== 'bulletList' && list.type !== 'orderedList')) return null;
  const choices = list.content.map(({ content }) => said(content)).filter((words) => words !== '');
  return choices.length < LEAST_CHOICES ? null : { prompt: said(text.content.slice(0, at)), choices };
}

function ofLines(text: RichText) {
  const lines = lettersOf(text)
    .split('\n')
    .map((line) => line.trim());
  const first = lines.findIndex((line) => LETTER.test(line));
  const choices = first < 0 ? [] : lines.slice(first).filter((line) => line !== '');
  if (choices.length < LEAST_CHOICES || !choices.every((line) => LETTER.test(line))) return null;
  return {
    prompt: lines.slice(0, first).join(' ').trim(),
    choices: choices.map((line) => line.replace(LETTER, '')),
  };
}

function said(blocks: readonly Block[]): string {
  return lettersOf({ type: 'doc', content: blocks }).replaceAll(/\s+/g, ' ').trim();
}
