/** Typing in an item's text, where it stands on the slide. */
import { type ItemId, LONGEST_TEXT, type TextField } from '@gobrel/core/deck';
import { textFragment } from '@gobrel/core/shared-doc';
import { EditorContent, useEditor } from '@tiptap/react';
import { useEffect, useMemo } from 'react';
import type * as Y from 'yjs';
import { tellWaiting } from '../../../shared/sync';
import { showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { useDesk } from '../state/desk';
import { takeMarked } from './take-marked';
import { textExtensions } from './text-schema';

interface TextEditorProps {
  readonly doc: Y.Doc;
  readonly itemId: ItemId;
  /** Which of its texts. */
  readonly field?: TextField;
  readonly label: string;
  /** Given the height of the text, in slide units, whenever it changes. */
  readonly onHeight?: (height: number) => void;
  /** Sees keys first; says whether it took one. */
  readonly onKey?: (event: KeyboardEvent) => boolean;
}

export function TextEditor({ doc, itemId, field = 'text', label, onHeight, onKey }: TextEditorProps) {
  const fragment = useMemo(() => textFragment(doc, itemId, field), [doc, itemId, field]);
  return fragment ? (
    <FragmentEditor key={`${itemId} ${field}`} fragment={fragment} label={label} onHeight={onHeight} onKey={onKey} />
  ) : null;
}

interface FragmentEditorProps {
  readonly fragment: Y.XmlFragment;
  readonly label: string;
  readonly onHeight: TextEditorProps['onHeight'] | undefined;
  readonly onKey: TextEditorProps['onKey'] | undefined;
}

function FragmentEditor({ fragment, label, onHeight, onKey }: FragmentEditorProps) {
  const editor = useEditor(
    {
      extensions: textExtensions(fragment),
      injectCSS: false,
      // Whatever is pressed next works on the deck as it is by now.
      onBlur: tellWaiting,
      editorProps: {
        attributes: {
          'aria-label': label,
          class: 'min-h-[1em] whitespace-pre-wrap break-words !outline-none',
          spellcheck: 'true',
        },
        handleKeyDown: (view, event) => {
          if (event.ctrlKey || event.metaKey) takeMarked(view);
          return onKey?.(event) ?? false;
        },
        handlePaste: (view, _event, slice) => {
          const pasted = slice.content.textBetween(0, slice.content.size, ' ').length;
          if (pasted + view.state.doc.textContent.length <= LONGEST_TEXT) return false;
          showToast(messages.editor.textTooLong({ pasted, most: LONGEST_TEXT }), { tone: 'trouble' });
          return true;
        },
        handleTextInput: (view) => {
          if (view.state.doc.textContent.length < LONGEST_TEXT) return false;
          showToast(messages.editor.textFull({ most: LONGEST_TEXT }), { tone: 'trouble' });
          return true;
        },
      },
    },
    [fragment],
  );
  useEffect(() => {
    // The panel works on this editor while it is open.
    const { awaiting } = useDesk.getState();
    useDesk.setState({ textEditor: editor, awaiting: [] });
    // At once, and not with the next picture as `commands.focus` does: what is typed meanwhile would be lost.
    editor.view.focus();
    editor.commands.setTextSelection(editor.state.doc.content.size);
    for (const act of awaiting) act(editor);
    return () => {
      useDesk.setState((desk) => (desk.textEditor === editor ? { textEditor: null } : {}));
      // The text is drawn from the deck from now on, with its last letters.
      tellWaiting();
    };
  }, [editor]);
  useEffect(() => {
    if (!onHeight) return;
    // The text's height is known only after the browser has laid it out.
    const measure = () => onHeight(editor.view.dom.offsetHeight);
    editor.on('update', measure);
    return () => {
      editor.off('update', measure);
    };
  }, [editor, onHeight]);
  return <EditorContent editor={editor} className="w-full" />;
}
