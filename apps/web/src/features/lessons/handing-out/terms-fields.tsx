/** The fields in which the terms of a lesson are set: nothing has to be, everything has a sensible start. */
import { type LessonTerms, showWhens, termLimits } from '@gobrel/core/lesson';
import { useId } from 'react';
import { Field, LongField, Select } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

interface TermsFieldsProps {
  readonly terms: LessonTerms;
  readonly onChange: (change: Partial<LessonTerms>) => void;
}

const ATTEMPTS = [0, 1, 2, 3, 5, 10] as const;

export function TermsFields({ terms, onChange }: TermsFieldsProps) {
  const says = messages.handOut;
  const whens = showWhens.map((value) => ({ value, name: says.whens[value] }));
  return (
    <div className="flex flex-col gap-3">
      <div className="grid gap-x-4 sm:grid-cols-2">
        <Field
          type="datetime-local"
          label={says.opensAt}
          value={toField(terms.opensAt)}
          onChange={({ target }) => onChange({ opensAt: fromField(target.value) })}
        />
        <Field
          type="datetime-local"
          label={says.dueAt}
          value={toField(terms.dueAt)}
          onChange={({ target }) => onChange({ dueAt: fromField(target.value) })}
        />
      </div>
      <Check label={says.late} checked={terms.late} onChange={(late) => onChange({ late })} />
      <div className="grid gap-x-4 gap-y-3 sm:grid-cols-2">
        <Select
          stacked
          label={says.attempts}
          value={String(terms.attempts)}
          options={ATTEMPTS.map((count) => ({
            value: String(count),
            name: count === 0 ? says.anyTimes : says.times({ count }),
          }))}
          onChange={(attempts) => onChange({ attempts: Number(attempts) })}
        />
        <Select
          stacked
          label={says.marks}
          value={terms.marks}
          options={whens}
          onChange={(marks) => onChange({ marks })}
        />
        <Select stacked label={says.key} value={terms.key} options={whens} onChange={(key) => onChange({ key })} />
        <Select
          stacked
          label={says.others}
          value={terms.others}
          options={whens}
          onChange={(others) => onChange({ others })}
        />
      </div>
      <Check label={says.guests} checked={terms.guests} onChange={(guests) => onChange({ guests })} />
      <Check
        label={says.withholds}
        hint={says.withholdsHint}
        checked={terms.withholds}
        onChange={(withholds) => onChange({ withholds })}
      />
      <LongField
        label={says.instructions}
        rows={3}
        maxLength={termLimits.instructions}
        value={terms.instructions}
        onChange={({ target }) => onChange({ instructions: target.value })}
      />
    </div>
  );
}

interface CheckProps {
  readonly label: string;
  /** What follows from it, where that is not plain. */
  readonly hint?: string;
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
}

function Check({ label, hint, checked, onChange }: CheckProps) {
  const hintId = useId();
  return (
    <div>
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="size-5 shrink-0 accent-tide"
          aria-describedby={hint ? hintId : undefined}
          checked={checked}
          onChange={({ target }) => onChange(target.checked)}
        />
        {label}
      </label>
      {hint ? (
        <p id={hintId} className="ms-8 text-sm text-soft">
          {hint}
        </p>
      ) : null}
    </div>
  );
}

/** A time as the browser's field wants it, in the time of this place. */
function toField(time: number | null): string {
  if (time === null) return '';
  const date = new Date(time);
  return new Date(time - date.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
}

function fromField(text: string): number | null {
  const time = Date.parse(text);
  return Number.isNaN(time) ? null : time;
}
