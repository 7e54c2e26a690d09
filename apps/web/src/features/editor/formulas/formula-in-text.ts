/** Formulas in a text that is being typed in: the one at the caret, and putting one there. */
import { formulaParts, type TypedFormula } from '@gobrel/core/deck';
import type { Editor } from '@tiptap/core';

/** A formula in an open text, and where it is there. */
export interface FormulaAt {
  readonly typed: TypedFormula;
  readonly from: number;
  readonly to: number;
}

/** The formula that the caret is in or at; `null` when it is in none. */
export function formulaAtCaret({ state: { selection } }: Editor): FormulaAt | null {
  const { $from } = selection;
  return (
    formulasIn($from.parent.textBetween(0, $from.parent.content.size, '', '\ufffc'), $from.start()).find(
      ({ from, to }) => from <= $from.pos && $from.pos <= to,
    ) ?? null
  );
}

/** The first formula of an open text; `null` when there is none. */
export function firstFormula({ state: { doc } }: Editor): FormulaAt | null {
  let found: FormulaAt | null = null;
  doc.descendants((node, place) => {
    if (found) return false;
    if (!node.isTextblock) return true;
    found = formulasIn(node.textBetween(0, node.content.size, '', '\ufffc'), place + 1)[0] ?? null;
    return false;
  });
  return found;
}

function formulasIn(text: string, start: number): readonly FormulaAt[] {
  let at = start;
  return formulaParts(text).flatMap((part): FormulaAt[] => {
    const from = at;
    at += part.is === 'words' ? part.text.length : part.source.length;
    return part.is === 'words' ? [] : [{ typed: part, from, to: at }];
  });
}

/** Puts a formula as it is typed into an open text, where the caret is or in place of another one. */
export function putFormula(editor: Editor, source: string, instead: FormulaAt | null): void {
  const { selection, tr } = editor.state;
  const { from, to } = instead ?? selection;
  // Letters are put in as letters: nothing in them is read as markup.
  editor.view.dispatch(tr.insertText(source, from, to));
  editor.view.focus();
}
