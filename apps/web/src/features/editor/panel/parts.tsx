/** Parts of the panel: a titled group, a number field. */
import type { ReactNode } from 'react';

/** A slide unit is a CSS pixel, of which there are 96 to an inch; of points there are 72. */
export const POINTS = 72 / 96;

export function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="mb-4">
      <h3 className="mb-1 font-sans text-sm font-semibold text-soft">{title}</h3>
      {children}
    </section>
  );
}

interface NumberFieldProps {
  readonly label: string;
  /** What stands beside the number, where the label would be too long. */
  readonly shown?: string;
  readonly value: number;
  readonly least?: number;
  readonly most?: number;
  readonly step?: number;
  readonly onChange: (value: number) => void;
}

export function NumberField({ label, shown = label, value, least, most, step = 1, onChange }: NumberFieldProps) {
  return (
    <label className="flex min-h-11 items-center gap-1 rounded-md border border-edge bg-card px-2">
      <span className="flex-1 text-sm text-soft">{shown}</span>
      <input
        type="number"
        aria-label={label}
        min={least}
        max={most}
        step={step}
        value={Math.round(value * 100) / 100}
        onChange={(event) => {
          const typed = event.target.valueAsNumber;
          if (Number.isFinite(typed)) onChange(typed);
        }}
        className="w-16 bg-transparent text-right tabular-nums outline-offset-4"
      />
    </label>
  );
}

interface PickFieldProps {
  readonly label: string;
  /** What stands beside the list, where the label would be too long. */
  readonly shown?: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  /** Options of the list. */
  readonly children: ReactNode;
}

/** A list to pick from, with what it is for beside it. */
export function PickField({ label, shown = label, value, onChange, children }: PickFieldProps) {
  return (
    <label className="mb-1 flex min-h-11 items-center gap-2 rounded-md border border-edge bg-card px-2">
      <span aria-hidden className="flex-none text-sm text-soft">
        {shown}
      </span>
      <select
        aria-label={label}
        className="min-h-10 min-w-0 flex-1 bg-card font-semibold"
        value={value}
        onChange={(event) => onChange(event.target.value)}
      >
        {children}
      </select>
    </label>
  );
}
