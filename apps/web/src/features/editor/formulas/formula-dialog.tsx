/** A formula typed in TeX or put together by presses, drawn while one types. */
import { type FormulaDrawing, LONGEST_FORMULA, namesIn, type TypedFormula, typedFormula } from '@gobrel/core/deck';
import type { DrawnTex } from '@gobrel/core/tex';
import { FormulaView } from '@gobrel/slide-view';
import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import { messages } from '../../../shared/messages';
import { Button, Dialog, DialogActions, LongField, useCaret } from '../../../shared/ui';
import { drawFormula } from './draw-formula';
import { formulaForms, nextPlace, putForm, type PutIn } from './formula-forms';

interface FormulaDialogProps {
  /** The one that is changed; `null` for a new one. */
  readonly start: TypedFormula | null;
  /** Whether a new one stands by itself. */
  readonly byItself: boolean;
  readonly onPut: (source: string, drawing: FormulaDrawing) => void;
  readonly onClose: () => void;
  /** Takes the focus once it is gone. */
  readonly onLeft?: () => void;
}

export function FormulaDialog({ start, byItself: startsByItself, onPut, onClose, onLeft }: FormulaDialogProps) {
  const says = messages.formulas;
  const field = useRef<HTMLTextAreaElement>(null);
  const putCaret = useCaret(field);
  const [tex, setTex] = useState(start?.tex ?? '');
  const [byItself, setByItself] = useState(start?.byItself ?? startsByItself);
  const typed: TypedFormula = { is: 'formula', source: typedFormula(tex, byItself), tex: tex.trim(), byItself };
  const drawn = useDrawn(typed);
  const isEmpty = typed.tex === '';
  const wrong = !isEmpty && drawn && 'wrong' in drawn ? drawn.wrong : null;
  const drawing = !isEmpty && !tex.includes('□') && drawn && 'drawing' in drawn ? drawn.drawing : null;
  const put = () => {
    if (drawing) onPut(typed.source, drawing);
  };
  const take = (put: PutIn) => {
    setTex(put.text);
    putCaret(put);
  };
  const onKeyDown = (event: KeyboardEvent<HTMLTextAreaElement>) => {
    if (event.key === 'Enter') {
      event.preventDefault();
      return put();
    }
    // The tabulator goes on to what has to be filled in, and leaves the field when nothing is left.
    if (event.key !== 'Tab' || event.shiftKey) return;
    const place = nextPlace(tex, event.currentTarget.selectionEnd);
    if (!place) return;
    event.preventDefault();
    event.currentTarget.setSelectionRange(place.from, place.to);
  };
  return (
    <Dialog title={says.title} open wide onClose={onClose} onLeft={onLeft}>
      <div
        aria-live="polite"
        className="mb-3 flex min-h-28 items-center justify-center overflow-x-auto rounded-lg border border-rule bg-paper p-4 text-3xl text-ink"
      >
        {isEmpty ? (
          <span className="text-base text-soft">{says.empty}</span>
        ) : (
          <FormulaView typed={typed} drawing={drawn && 'drawing' in drawn ? drawn.drawing : null} />
        )}
      </div>
      <LongField
        ref={field}
        label={says.tex}
        hint={says.hint}
        {...(wrong === null ? {} : { fault: wrong === '' ? says.cannotDraw : says.wrong({ why: wrong }) })}
        rows={2}
        maxLength={LONGEST_FORMULA - 4}
        className="font-mono"
        spellCheck={false}
        value={tex}
        onChange={({ target }) => setTex(target.value.replaceAll('\n', ' '))}
        onKeyDown={onKeyDown}
      />
      {namesIn(formulaForms).map((kind) => (
        <fieldset key={kind} className="mt-3">
          <legend className="mb-1 text-sm font-semibold text-soft">{says.kinds[kind]}</legend>
          <div className="flex flex-wrap gap-1">
            {formulaForms[kind].map(({ name, tex: form }) => (
              <FormButton
                key={name}
                name={says.forms[name]}
                form={form}
                onPress={() => {
                  const { selectionStart = tex.length, selectionEnd = tex.length } = field.current ?? {};
                  take(putForm(tex, selectionStart, selectionEnd, form));
                }}
              />
            ))}
          </div>
        </fieldset>
      ))}
      <div className="mt-4">
        <label className="flex min-h-control items-center gap-2">
          <input
            type="checkbox"
            className="size-5 flex-none accent-tide"
            checked={byItself}
            onChange={({ target }) => setByItself(target.checked)}
          />
          {says.byItself}
        </label>
      </div>
      <DialogActions>
        <Button onClick={onClose}>{messages.common.cancel}</Button>
        <Button look="main" disabled={!drawing} onClick={put}>
          {start ? says.change : says.put}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

/** A form as it is drawn. */
function FormButton({ name, form, onPress }: { name: string; form: string; onPress: () => void }) {
  // Words are letters, in which no sign can stand.
  const shown = form.includes('\\text') ? '\\text{abc}' : form.replaceAll('□', '\\square');
  const typed: TypedFormula = { is: 'formula', source: typedFormula(shown, false), tex: shown, byItself: false };
  const drawn = useDrawn(typed);
  return (
    <button
      type="button"
      aria-label={name}
      title={name}
      className="flex min-h-11 min-w-11 items-center justify-center rounded-md border border-edge px-2 hover:bg-rule/50"
      // The caret stays where it is.
      onMouseDown={(event) => event.preventDefault()}
      onClick={onPress}
    >
      <span aria-hidden>
        <FormulaView typed={typed} drawing={drawn && 'drawing' in drawn ? drawn.drawing : null} />
      </span>
    </button>
  );
}

/** The drawing of a formula, the one before until it is there; `null` before the first. */
function useDrawn(typed: TypedFormula): DrawnTex | null {
  const [drawn, setDrawn] = useState<DrawnTex | null>(null);
  const { source, tex, byItself } = typed;
  useEffect(() => {
    if (tex === '') return;
    let isCurrent = true;
    // Drawn by a worker.
    void drawFormula({ is: 'formula', source, tex, byItself }).then((next) => isCurrent && setDrawn(next));
    return () => {
      isCurrent = false;
    };
  }, [source, tex, byItself]);
  return drawn;
}
