/** Typing types: letters pressed on an item that holds words go into its words, and are no commands. */
import { hasLook, isWordBox, type Item, type SlideId } from '@gobrel/core/deck';
import { typeIn, useDesk } from '../state/desk';
import type { Editing } from '../state/editing';
import { currentCell, typeInCell } from '../table/current-cell';
import { typeAhead } from '../text/type-ahead';

/** Marks the field of the panel that takes what is typed on a selected question. */
export const TAKES_TYPING = { 'data-takes-typing': '' } as const;

/** Whether a key writes a letter, a digit or a sign; with the key for further signs (AltGr) too. */
export function writesLetter(event: KeyboardEvent): boolean {
  if ([...event.key].length !== 1 || event.key === ' ') return false;
  return event.getModifierState('AltGraph') || !(event.ctrlKey || event.metaKey || event.altKey);
}

/** The one selected item of a slide that holds words; `null` when there is none, or several are selected. */
export function itemWithWords(deck: Editing['deck'], slideId: SlideId): Item | null {
  const { selected } = useDesk.getState();
  const item = selected.length === 1 ? deck.items[selected[0] ?? ''] : undefined;
  return item && item.slideId === slideId && holdsWords(item) ? item : null;
}

/**
 * Begins typing in an item with a letter that was pressed on it. What stands in the backdrop is left alone.
 * @returns whether the key is done with; else it is the browser's, for the field that has the focus now
 */
export function typeOn(event: KeyboardEvent, editing: Editing, item: Item): boolean {
  if (item.layer === 'backdrop') return true;
  if (isWordBox(item)) {
    typeIn(item.id);
    return typeAhead(event, editing.doc);
  }
  if (item.kind === 'table') {
    typeInCell(editing, item, currentCell(item).field);
    return typeAhead(event, editing.doc);
  }
  const field = fieldForTyping();
  field?.focus();
  field?.setSelectionRange(field.value.length, field.value.length);
  return field === null;
}

function holdsWords(item: Item): boolean {
  if (hasLook(item)) return true;
  return ('prompt' in item || item.kind === 'zone' || item.kind === 'open-area') && fieldForTyping() !== null;
}

function fieldForTyping() {
  return document.querySelector<HTMLInputElement | HTMLTextAreaElement>('[data-takes-typing]');
}
