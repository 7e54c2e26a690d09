/** A labelled choice among a list of names, for what is chosen rarely. */
import { useId } from 'react';

interface SelectProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly name: string }[];
  readonly onChange: (value: T) => void;
  /** Whether its label is only spoken, as what is chosen says enough. */
  readonly bare?: boolean;
  /** Whether its label stands over it, as that of a field, and it fills the width it has. */
  readonly stacked?: boolean;
}

export function Select<T extends string>({
  label,
  value,
  options,
  onChange,
  bare = false,
  stacked = false,
}: SelectProps<T>) {
  const id = useId();
  return (
    <span className={stacked ? 'flex min-w-0 flex-col gap-1' : 'inline-flex min-w-0 items-center gap-2'}>
      <label htmlFor={id} className={bare ? 'spoken' : stacked ? 'font-semibold' : 'text-sm text-soft'}>
        {label}
      </label>
      <select
        id={id}
        value={value}
        className="min-h-control min-w-0 rounded-md border border-edge bg-card px-2"
        onChange={(event) => {
          const known = options.find((option) => option.value === event.target.value);
          if (known) onChange(known.value);
        }}
      >
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.name}
          </option>
        ))}
      </select>
    </span>
  );
}
