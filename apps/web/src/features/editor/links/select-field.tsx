/** A labelled choice among a list of names. */
import type { ReactNode } from 'react';

interface SelectFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  /** Options of the list. */
  readonly children: ReactNode;
}

export function SelectField({ label, value, onChange, children }: SelectFieldProps) {
  return (
    <label className="flex min-w-0 flex-1 flex-col gap-1 font-semibold">
      {label}
      <select
        value={value}
        className="min-h-11 w-full min-w-0 rounded-md border border-edge bg-card px-2 font-normal"
        onChange={(event) => onChange(event.target.value)}
      >
        {children}
      </select>
    </label>
  );
}

/** Every slide of a deck as an option, by its name. */
export function SlideOptions({ names }: { names: readonly (readonly [id: string, name: string])[] }) {
  return (
    <>
      {names.map(([id, name]) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </>
  );
}
