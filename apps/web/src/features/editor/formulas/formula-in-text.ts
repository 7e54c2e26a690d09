/** Formulas in a text that is being typed in: the one at the caret, and putting one there. */
import { placedFormulas, type PlacedFormula } from '@gobrel/core/deck';
import type { Editor } from '@tiptap/core';

/** The formula that the caret is in or at; `null` when it is in none. */
export function formulaAtCaret({ state: { selection } }: Editor): PlacedFormula | null {
  const { $from } = selection;
  return (
    formulasIn($from.parent.textBetween(0, $from.parent.content.size, '', '\ufffc'), $from.start()).find(
      ({ from, to }) => from <= $from.pos && $from.pos <= to,
    ) ?? null
  );
}

/** The first formula of an open text; `null` when there is none. */
export function firstFormula({ state: { doc } }: Editor): PlacedFormula | null {
  let found: PlacedFormula | null = null;
  doc.descendants((node, place) => {
    if (found) return false;
    if (!node.isTextblock) return true;
    found = formulasIn(node.textBetween(0, node.content.size, '', '\ufffc'), place + 1)[0] ?? null;
    return false;
  });
  return found;
}

function formulasIn(text: string, start: number): readonly PlacedFormula[] {
  return placedFormulas(text).map(({ typed, from, to }) => ({ typed, from: from + start, to: to + start }));
}

/** Puts a formula as it is typed into an open text, where the caret is or in place of another one. */
export function putFormula(editor: Editor, source: string, instead: PlacedFormula | null): void {
  const { selection, tr } = editor.state;
  const { from, to } = instead ?? selection;
  // Letters are put in as letters: nothing in them is read as markup.
  editor.view.dispatch(tr.insertText(source, from, to));
  editor.view.focus();
}
