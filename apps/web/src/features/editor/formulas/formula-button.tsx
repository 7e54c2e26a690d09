/** The button that puts a formula into a text, or changes the one at its caret. */
import type { ShapeItem, TableItem, TextField, TextItem } from '@gobrel/core/deck';
import { Radical } from 'lucide-react';
import { useState } from 'react';
import { messages } from '../../../shared/messages';
import { IconButton } from '../../../shared/ui';
import { useDesk, withText } from '../state/desk';
import { FormulaDialog } from './formula-dialog';
import { firstFormula, type FormulaAt, formulaAtCaret, putFormula } from './formula-in-text';

interface FormulaButtonProps {
  readonly item: TextItem | ShapeItem | TableItem;
  readonly field: TextField;
}

export function FormulaButton({ item, field }: FormulaButtonProps) {
  const [open, setOpen] = useState<{ readonly at: FormulaAt | null } | null>(null);
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
            setOpen(null);
            withText(item.id, (editor) => putFormula(editor, source, open.at), field);
          }}
          onClose={() => setOpen(null)}
        />
      ) : null}
    </>
  );
}
