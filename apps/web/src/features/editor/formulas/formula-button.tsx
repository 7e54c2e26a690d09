/** The button that puts a formula into a text, or changes the one at its caret. */
import type { PlacedFormula, ShapeItem, TableItem, TextField, TextItem } from '@gobrel/core/deck';
import { Radical } from 'lucide-react';
import { useRef, useState } from 'react';
import { messages } from '../../../shared/messages';
import { IconButton } from '../../../shared/ui';
import { useDesk, withText } from '../state/desk';
import { FormulaDialog } from './formula-dialog';
import { firstFormula, formulaAtCaret, putFormula } from './formula-in-text';

interface FormulaButtonProps {
  readonly item: TextItem | ShapeItem | TableItem;
  readonly field: TextField;
}

export function FormulaButton({ item, field }: FormulaButtonProps) {
  const [open, setOpen] = useState<{ readonly at: PlacedFormula | null } | null>(null);
  const put = useRef<string | null>(null);
  const begin = () => {
    const { typingIn, textEditor } = useDesk.getState();
    if (typingIn === item.id && textEditor) return setOpen({ at: formulaAtCaret(textEditor) });
    withText(
      item.id,
      (editor) => {
        const at = firstFormula(editor);
        if (!at) editor.commands.setTextSelection(editor.state.doc.content.size);
        setOpen({ at });
      },
      field,
    );
  };
  return (
    <>
      <IconButton name={messages.formulas.title} onMouseDown={(event) => event.preventDefault()} onClick={begin}>
        <Radical size={18} aria-hidden />
      </IconButton>
      {open ? (
        <FormulaDialog
          start={open.at?.typed ?? null}
          byItself={false}
          onPut={(source) => {
            put.current = source;
            setOpen(null);
          }}
          onClose={() => setOpen(null)}
          onLeft={() => {
            // Typing goes on where it was: behind what was put in, or at the caret.
            const source = put.current;
            put.current = null;
            withText(
              item.id,
              (editor) => (source === null ? editor.view.focus() : putFormula(editor, source, open.at)),
              field,
            );
          }}
        />
      ) : null}
    </>
  );
}
