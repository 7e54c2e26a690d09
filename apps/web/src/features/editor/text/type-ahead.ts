/** Keys pressed after typing in an item has begun, and before its text editor is there: they wait for it, in order. */
import { textFragment } from '@gobrel/core/shared-doc';
import type { Editor } from '@tiptap/core';
import type * as Y from 'yjs';
import { useDesk } from '../state/desk';

/**
 * Keeps a key for the text editor that is about to be there; says whether it did.
 * @param doc the deck's document: an item that somebody else has just removed gets no text editor
 */
export function typeAhead(event: KeyboardEvent, doc: Y.Doc): boolean {
  const { typingIn, typingField, textEditor, awaiting } = useDesk.getState();
  if (typingIn === null || textEditor || event.isComposing) return false;
  if ((event.ctrlKey || event.metaKey) && !event.getModifierState('AltGraph')) return false;
  if (!textFragment(doc, typingIn, typingField)) return false;
  const act = actOf(event.key);
  if (!act) return false;
  useDesk.setState({ awaiting: [...awaiting, act] });
  return true;
}

/** What a key does in a text; `null` for keys that nobody types ahead. */
function actOf(key: string): ((editor: Editor) => void) | null {
  if ([...key].length === 1) return (editor) => editor.view.dispatch(editor.state.tr.insertText(key));
  if (key === 'Enter') return (editor) => editor.commands.keyboardShortcut('Enter');
  if (key === 'Backspace') return takeLetterBack;
  return null;
}

function takeLetterBack({ state, view }: Editor): void {
  const { from, empty, $from } = state.selection;
  if (!empty) view.dispatch(state.tr.deleteSelection());
  else if ($from.parentOffset > 0) view.dispatch(state.tr.delete(from - 1, from));
}
