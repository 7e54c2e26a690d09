/** One audience in the dialog: what it is called at its side, and what is set for it. */
import type { LucideIcon } from 'lucide-react';
import type { ReactNode } from 'react';

interface SectionProps {
  readonly icon: LucideIcon;
  readonly title: string;
  readonly hint: string;
  /** What turns it on and off. */
  readonly switch?: ReactNode;
  readonly children?: ReactNode;
}

export function Section({ icon: Icon, title, hint, switch: onOff, children }: SectionProps) {
  return (
    <section aria-label={title} className="grid gap-x-6 gap-y-3 py-4 md:grid-cols-[13.5rem_1fr]">
      <div>
        <h3 className="flex items-center gap-2 text-lg">
          <Icon size={20} aria-hidden className="flex-none" /> {title}
        </h3>
        <p className="mt-1 text-sm text-soft">{hint}</p>
        {onOff ? <div className="mt-1">{onOff}</div> : null}
      </div>
      <div className="min-w-0">{children}</div>
    </section>
  );
}

/** A row of a section: a label, and what is set. */
export function Row({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className="grid items-center gap-x-3 gap-y-1 py-1 sm:grid-cols-[5.5rem_1fr]">
      <span className="text-sm text-soft">{label}</span>
      <span className="flex min-w-0 flex-wrap items-center gap-2">{children}</span>
    </div>
  );
}
