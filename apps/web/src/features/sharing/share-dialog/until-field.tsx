/** The day on which something ends. It is set once a whole day from today on is there; without one there is no end. */
import { useState } from 'react';
import { messages } from '../../../shared/messages';
import { Button } from '../../../shared/ui';

interface UntilFieldProps {
  readonly label: string;
  /** ISO 8601; `null` for never. */
  readonly until: string | null;
  readonly onChange: (until: string | null) => void;
}

export function UntilField({ label, until, onChange }: UntilFieldProps) {
  const [isChoosing, setIsChoosing] = useState(false);
  if (until === null && !isChoosing)
    return (
      <Button
        look="quiet"
        className="-ms-2 px-2"
        aria-label={messages.sharing.noEndOf({ label })}
        onClick={() => setIsChoosing(true)}
      >
        {messages.sharing.noEnd}
      </Button>
    );
  return (
    <DayField
      key={until}
      label={label}
      day={until === null ? '' : dayOf(new Date(until))}
      isNew={isChoosing}
      onChange={(day) => {
        setIsChoosing(false);
        onChange(day === '' ? null : endOf(day));
      }}
      onLeave={() => setIsChoosing(false)}
    />
  );
}

interface DayFieldProps {
  readonly label: string;
  /** Such as 2026-03-12; '' for none. */
  readonly day: string;
  readonly isNew: boolean;
  readonly onChange: (day: string) => void;
  readonly onLeave: () => void;
}

function DayField({ label, day, isNew, onChange, onLeave }: DayFieldProps) {
  const [typed, setTyped] = useState(day);
  const today = dayOf(new Date());
  return (
    <input
      type="date"
      autoFocus={isNew}
      aria-label={label}
      min={today}
      max="9999-12-31"
      value={typed}
      className="min-h-control rounded-md border border-edge bg-card px-2"
      onChange={({ target }) => {
        setTyped(target.value);
        // While a year is typed it is one of long ago: nothing ends by that.
        if (target.value >= today && target.value !== day) onChange(target.value);
        if (target.value === '' && !target.validity.badInput && day !== '') onChange('');
      }}
      onBlur={() => {
        setTyped(day);
        onLeave();
      }}
    />
  );
}

/** The day of a moment where the reader is, such as 2026-03-12. */
export function dayOf(at: Date): string {
  const padded = (value: number) => String(value).padStart(2, '0');
  return `${String(at.getFullYear()).padStart(4, '0')}-${padded(at.getMonth() + 1)}-${padded(at.getDate())}`;
}

/** The last moment of a day where the reader is, ISO 8601. */
export function endOf(day: string): string {
  return new Date(`${day}T23:59:59`).toISOString();
}
