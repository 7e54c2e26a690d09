/** A labelled field of a form, with what is wrong with it said below. */
import { type ComponentProps, useId } from 'react';

const look = 'w-full rounded-md border bg-card px-2.5 text-ink placeholder:text-soft read-only:opacity-80';

interface Labelled {
  readonly label: string;
  readonly hint?: string | undefined;
  readonly fault?: string | undefined;
}

export function Field({ label, hint, fault, className = '', ...rest }: Labelled & ComponentProps<'input'>) {
  const id = useId();
  return (
    <Around id={id} label={label} hint={hint} fault={fault}>
      <input
        id={id}
        aria-invalid={fault ? true : undefined}
        aria-describedby={`${id}-more`}
        className={`${look} min-h-control py-1 ${fault ? 'border-berry' : 'border-edge'} ${className}`}
        {...rest}
      />
    </Around>
  );
}

export function LongField({ label, hint, fault, className = '', ...rest }: Labelled & ComponentProps<'textarea'>) {
  const id = useId();
  return (
    <Around id={id} label={label} hint={hint} fault={fault}>
      <textarea
        id={id}
        aria-invalid={fault ? true : undefined}
        aria-describedby={`${id}-more`}
        className={`${look} py-1.5 ${fault ? 'border-berry' : 'border-edge'} ${className}`}
        {...rest}
      />
    </Around>
  );
}

function Around({ id, label, hint, fault, children }: Labelled & { id: string; children: React.ReactNode }) {
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={id} className="font-semibold">
        {label}
      </label>
      {children}
      <div
        id={`${id}-more`}
        className={fault ? 'text-sm text-berry' : 'text-sm text-soft'}
        role={fault ? 'alert' : undefined}
      >
        {fault ?? hint}
      </div>
    </div>
  );
}
