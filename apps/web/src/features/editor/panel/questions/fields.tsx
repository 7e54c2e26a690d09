/** Fields that the panels of questions share. */
import type { Asking, Item, ItemFields } from '@gobrel/core/deck';
import { type ComponentProps, useState } from 'react';
import { LongField } from '../../../../shared/ui';
import { messages } from '../../../../shared/messages';
import type { Editing } from '../../state/editing';
import { TAKES_TYPING } from '../../keyboard/typing';
import { FormulaFieldButton, TAKES_FORMULA } from '../../formulas/formula-field-button';
import { NumberField } from '../parts';

/** Sets fields of the item whose panel this is. */
export type SetFields = (fields: ItemFields) => void;

/** What the settings of a question are given. */
export interface QuestionGroupProps<I extends Item> {
  readonly editing: Editing;
  readonly item: I;
  readonly set: SetFields;
}

interface LinesFieldProps extends Pick<ComponentProps<typeof LongField>, 'label' | 'hint' | 'fault' | 'rows'> {
  readonly lines: readonly string[];
  readonly onChange: (lines: readonly string[]) => void;
}

/** A list, an entry a line. What is typed stays as it is typed until the field is left. */
export function LinesField({ lines, onChange, ...rest }: LinesFieldProps) {
  const [draft, setDraft] = useState<string | null>(null);
  return (
    <div className="mb-3">
      <LongField
        rows={2}
        {...rest}
        value={draft ?? lines.join('\n')}
        onChange={(event) => {
          const text = event.target.value;
          setDraft(text);
          onChange(text.split('\n').filter((line) => line.trim() !== ''));
        }}
        onBlur={() => setDraft(null)}
      />
    </div>
  );
}

/** What is asked. */
export function PromptField({ prompt, set }: { prompt: string; set: SetFields }) {
  return (
    <div className="mb-3">
      <LongField
        {...TAKES_TYPING}
        {...TAKES_FORMULA}
        label={messages.editor.prompt}
        rows={2}
        value={prompt}
        onChange={(event) => set({ prompt: event.target.value })}
      />
      <FormulaFieldButton />
    </div>
  );
}

export function PointsField({
  item,
  set,
  label = messages.editor.points,
}: {
  item: Asking;
  set: SetFields;
  label?: string;
}) {
  return (
    <div className="mb-3">
      <NumberField
        label={label}
        value={item.points}
        least={0}
        most={100}
        step={0.5}
        onChange={(points) => set({ points })}
      />
    </div>
  );
}

interface TickProps {
  readonly label: string;
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
}

/** A yes or no. */
export function Tick({ label, checked, onChange }: TickProps) {
  return (
    <label className="flex min-h-control items-center gap-2">
      <input
        type="checkbox"
        className="size-5 flex-none accent-tide"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />
      {label}
    </label>
  );
}
