/** A choice among a few words, all in sight. */
import { ToggleGroup } from 'radix-ui';
import type { ReactNode } from 'react';

interface ChooseProps<T extends string> {
  readonly label: string;
  readonly value: T | null;
  readonly options: readonly { readonly value: T; readonly name: string; readonly icon?: ReactNode }[];
  readonly onChange: (value: T) => void;
  /** Whether names stand beside icons where there is room for them. */
  readonly named?: boolean;
}

export function Choose<T extends string>({ label, value, options, onChange, named = false }: ChooseProps<T>) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value ?? ''}
      onValueChange={(next) => {
        const known = options.find((option) => option.value === next);
        if (known) onChange(known.value);
      }}
      className="inline-flex w-full overflow-hidden rounded-md border border-edge"
    >
      {options.map((option) => (
        <ToggleGroup.Item
          key={option.value}
          value={option.value}
          aria-label={option.icon ? option.name : undefined}
          title={option.icon ? option.name : undefined}
          className="inline-flex min-h-control flex-1 items-center justify-center gap-1.5 border-e border-edge bg-card px-2 font-semibold last:border-e-0 focus-visible:relative focus-visible:z-10 data-[state=on]:bg-ink data-[state=on]:text-card"
        >
          {option.icon ?? option.name}
          {option.icon && named ? <span className="hidden text-sm xl:inline">{option.name}</span> : null}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
