/** The right number, as its author writes it: what was read is shown, with the other reading, and its unit is taken. */
import type { NumberItem } from '@gobrel/core/deck';
import { keyWritten, readNumbers } from '@gobrel/core/questions';
import { useState } from 'react';
import { Button, Field } from '../../../../shared/ui';
import { inFull, messages, withUnit } from '../../../../shared/messages';
import type { SetFields } from './fields';

export function KeyField({ item, set }: { item: NumberItem; set: SetFields }) {
  const says = messages.questions;
  const [draft, setDraft] = useState<string | null>(null);
  const written = draft ?? writtenKey(item);
  const read = readNumbers(written);
  const isUnread = written.trim() !== '' && read === null;
  const other = read?.values.find((value) => value !== item.right);
  return (
    <div className="mb-3">
      <Field
        label={says.right}
        hint={says.rightHint}
        fault={isUnread ? says.notANumber : undefined}
        value={written}
        onChange={(event) => {
          const text = event.target.value;
          setDraft(text);
          const key = readNumbers(text);
          if (key) set({ right: key.values[0] ?? null });
          else if (text.trim() === '') set({ right: null });
        }}
        onBlur={() => {
          // The unit is taken once it is whole: "k" would be another one than "km".
          if (draft !== null) set(keyWritten(item, draft));
          setDraft(null);
        }}
      />
      {item.right === null || isUnread ? null : (
        <p role="status" className="text-sm text-soft">
          {says.readAs({ value: withUnit(inFull(item.right), read?.unit || (item.units[0]?.name ?? '')) })}
        </p>
      )}
      {other !== undefined && draft !== null ? (
        <Button
          look="quiet"
          className="-ms-3.5"
          // The field would close over what it reads first, and with it this choice.
          onMouseDown={(event) => event.preventDefault()}
          onClick={() => {
            setDraft(null);
            set({ right: other });
          }}
        >
          {says.meantInstead({ value: inFull(other) })}
        </Button>
      ) : null}
    </div>
  );
}

/** The key as it would be typed again, with its unit. */
function writtenKey({ right, units }: NumberItem): string {
  return right === null ? '' : [String(right), units[0]?.name ?? ''].join(' ').trim();
}
