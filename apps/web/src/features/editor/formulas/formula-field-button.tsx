/** The button that puts a formula into a field of a panel: into the one that was typed in last. */
import { type PlacedFormula, placedFormulas } from '@gobrel/core/deck';
import { Radical } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { messages } from '../../../shared/messages';
import { Button } from '../../../shared/ui';
import { FormulaDialog } from './formula-dialog';

type TextField = HTMLInputElement | HTMLTextAreaElement;

/** Fields that take words and are drawn as such. */
const TAKES_FORMULAS = '[data-takes-formulas]';

/** Marks a field of a panel in which formulas are drawn. */
export const TAKES_FORMULA = { 'data-takes-formulas': '' } as const;

interface Opened {
  readonly field: TextField;
  readonly from: number;
  readonly to: number;
  readonly start: PlacedFormula | null;
}

export function FormulaFieldButton() {
  const button = useRef<HTMLButtonElement>(null);
  const last = useRef<TextField | null>(null);
  const [open, setOpen] = useState<Opened | null>(null);
  useEffect(() => {
    // Where somebody typed last, by mouse or keys.
    const note = ({ target }: FocusEvent) => {
      if (isTextField(target) && target.matches(TAKES_FORMULAS)) last.current = target;
    };
    document.addEventListener('focusin', note);
    return () => document.removeEventListener('focusin', note);
  }, []);
  const begin = () => {
    const first = document.querySelector(TAKES_FORMULAS);
    const field = last.current?.isConnected ? last.current : isTextField(first) ? first : null;
    if (!field) return;
    const isNew = field !== last.current;
    const from = isNew ? field.value.length : (field.selectionStart ?? field.value.length);
    const to = isNew ? from : (field.selectionEnd ?? from);
    const start = formulaAt(field.value, from);
    setOpen({ field, from: start?.from ?? from, to: start?.to ?? to, start });
  };
  return (
    <>
      <Button ref={button} look="quiet" className="-ms-2" onClick={begin}>
        <Radical size={18} aria-hidden /> {messages.formulas.title}
      </Button>
      {open ? (
        <FormulaDialog
          start={open.start?.typed ?? null}
          byItself={false}
          onPut={(source) => {
            setOpen(null);
            open.field.setRangeText(source, open.from, open.to, 'end');
            open.field.dispatchEvent(new Event('input', { bubbles: true }));
          }}
          onClose={() => setOpen(null)}
          onLeft={() => open.field.focus()}
        />
      ) : null}
    </>
  );
}

function isTextField(target: EventTarget | null): target is TextField {
  return target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement;
}

/** The formula in a field's text that the caret is in or at. */
function formulaAt(text: string, caret: number): PlacedFormula | null {
  return placedFormulas(text).find(({ from, to }) => from <= caret && caret <= to) ?? null;
}
