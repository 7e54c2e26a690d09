/** Parts of the panel: a titled group, a number field. */
import type { ReactNode } from 'react';

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
  readonly value: number;
  readonly least?: number;
  readonly most?: number;
  readonly step?: number;
  readonly onChange: (value: number) => void;
}

export function NumberField({ label, value, least, most, step = 1, onChange }: NumberFieldProps) {
  return (
    <label className="flex min-h-10 items-center gap-1 rounded-md border border-edge bg-card px-2">
      <span className="flex-1 text-sm text-soft">{label}</span>
      <input
        type="number"
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
