/** Keys between the first letter and the text editor. */
import { writeDeckDocument } from '@gobrel/core/shared-doc';
import { DeckBuilder } from '@gobrel/core/testing';
import type { Editor } from '@tiptap/core';
import * as Y from 'yjs';
import { select, typeIn, useDesk } from '../state/desk';
import { typeAhead } from './type-ahead';

const doc = new Y.Doc();
writeDeckDocument(doc, new DeckBuilder().slide('tides').item('title', 'text').deck);
const press = (key: string, held: readonly string[] = [], isComposing = false) =>
  typeAhead(
    {
      key,
      isComposing,
      ctrlKey: held.includes('Control'),
      metaKey: held.includes('Meta'),
      getModifierState: (modifier: string) => held.includes(modifier),
    } as KeyboardEvent,
    doc,
  );
beforeEach(() => {
  select();
  useDesk.setState({ textEditor: null });
});

/** A text editor of which only typing letters is used. */
function editor() {
  let text = '';
  const tr = { insertText: (letter: string) => ({ letter }) };
  const view = { dispatch: ({ letter }: { readonly letter: string }) => void (text += letter) };
  return { editor: { view, state: { tr } } as unknown as Editor, text: () => text };
}

test('letters wait for the text editor, and arrive in order', () => {
  typeIn('title');
  expect(['T', 'i', 'd', 'e', 's'].map((letter) => press(letter))).toEqual(Array(5).fill(true));
  const { editor: later, text } = editor();
  useDesk.getState().awaiting.forEach((act) => act(later));
  expect(text()).toBe('Tides');
});

test('nothing waits where nobody types, or where the text editor is there already', () => {
  expect(press('T')).toBe(false);
  typeIn('title');
  useDesk.setState({ textEditor: editor().editor });
  expect(press('T')).toBe(false);
});

test('commands and letters that are still being composed do not wait', () => {
  typeIn('title');
  expect([press('z', ['Control']), press('v', ['Meta']), press('k', [], true)]).toEqual([false, false, false]);
  expect(press('@', ['Control', 'AltGraph'])).toBe(true);
});

test('keys that do something else than write are not kept; Enter and Backspace are', () => {
  typeIn('title');
  expect(['Escape', 'ArrowLeft', 'Tab'].map((key) => press(key))).toEqual([false, false, false]);
  expect([press('Enter'), press('Backspace')]).toEqual([true, true]);
});

test('an item that somebody else has removed meanwhile gets no letters', () => {
  typeIn('gone');
  expect(press('T')).toBe(false);
});
