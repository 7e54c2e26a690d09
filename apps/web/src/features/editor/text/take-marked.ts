/** What is marked in a text that is open, before the browser has told of it. */
import { type EditorView } from '@tiptap/pm/view';
import { TextSelection } from '@tiptap/pm/state';

/**
 * Takes over what is marked on the screen. The browser tells of a marking only after the turn in which it was made; on a
 * busy device the next key comes before that, and a command would work on what was marked until then.
 */
export function takeMarked(view: EditorView): void {
  const marked = view.dom.ownerDocument.getSelection();
  const { anchorNode, focusNode } = marked ?? {};
  if (!marked || !anchorNode || !focusNode || view.composing) return;
  if (!view.dom.contains(anchorNode) || !view.dom.contains(focusNode)) return;
  const anchor = view.posAtDOM(anchorNode, marked.anchorOffset);
  const head = view.posAtDOM(focusNode, marked.focusOffset);
  const { doc, selection, tr } = view.state;
  if (anchor === selection.anchor && head === selection.head) return;
  view.dispatch(tr.setSelection(TextSelection.between(doc.resolve(anchor), doc.resolve(head))));
}
