/** Parts of the panel: titled groups, rows with a label beside what is set, switches. */
import { ChevronDown, ChevronRight, type LucideIcon } from 'lucide-react';
import { type ReactNode, useEffect, useRef } from 'react';
import { toggleGroup, useOpenGroups } from './open-groups';

/** A slide unit is a CSS pixel, of which there are 96 to an inch; of points there are 72. */
export const POINTS = 72 / 96;

interface GroupProps {
  readonly title: string;
  /** The drawing of what the group is about, where it has one. */
  readonly icon?: LucideIcon | undefined;
  readonly children: ReactNode;
}

export function Group({ title, icon: Icon, children }: GroupProps) {
  return (
    <section className="mb-3">
      <h3 className="mb-1 flex items-center gap-1.5 font-sans text-sm font-semibold text-soft">
        {Icon ? <Icon size={16} aria-hidden className="flex-none" /> : null}
        {title}
      </h3>
      {children}
    </section>
  );
}

interface FoldedGroupProps {
  /** What the group is known by, so that it stays as this author left it. */
  readonly id: string;
  readonly title: string;
  /** What is set in it, in a few words. */
  readonly says?: string;
  readonly children: ReactNode;
}

/** A group of what is set now and then: folded until it is opened. */
export function FoldedGroup({ id, title, says, children }: FoldedGroupProps) {
  const isOpen = useOpenGroups(({ open }) => open.includes(id));
  const Sign = isOpen ? ChevronDown : ChevronRight;
  return (
    <section className="border-t border-rule">
      <h3 className="font-sans text-sm">
        <button
          type="button"
          aria-expanded={isOpen}
          onClick={() => toggleGroup(id)}
          className="-mx-1 flex min-h-control w-[calc(100%+8px)] items-center gap-1.5 rounded-md px-1 text-start hover:bg-rule/50"
        >
          <span className="font-semibold">{title}</span>
          <span className="min-w-0 flex-1 truncate text-end text-soft tabular-nums">{says}</span>
          <Sign size={16} aria-hidden className="flex-none" />
        </button>
      </h3>
      {isOpen ? <div className="pb-3">{children}</div> : null}
    </section>
  );
}

interface SwitchRowProps {
  readonly label: string;
  /** `null` where some have it and others have not. */
  readonly on: boolean | null;
  readonly onChange: (on: boolean) => void;
}

/** Something that is on or off, said once. */
export function SwitchRow({ label, on, onChange }: SwitchRowProps) {
  const box = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (box.current) box.current.indeterminate = on === null;
  }, [on]);
  return (
    <label className="flex min-h-control items-center gap-2">
      <input
        ref={box}
        type="checkbox"
        className="size-4 flex-none accent-tide pointer-coarse:size-5"
        checked={on === true}
        onChange={(event) => onChange(event.target.checked)}
      />
      {label}
    </label>
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
    <label className="flex min-h-control items-center gap-1 rounded-md border border-edge bg-card px-2">
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
        className="w-12 min-w-0 [appearance:textfield] bg-transparent [&::-webkit-inner-spin-button]:appearance-none text-end tabular-nums outline-offset-4"
      />
    </label>
  );
}

/** What is set, with what it is for in a column before it. */
export function Row({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className="mb-1.5 flex min-w-0 items-center gap-2">
      <span aria-hidden className="w-[66px] flex-none text-sm leading-tight text-soft">
        {label}
      </span>
      {children}
    </div>
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

/** A list to pick from. */
export function PickField({ label, shown = label, value, onChange, children }: PickFieldProps) {
  return (
    <Row label={shown}>
      <select
        aria-label={label}
        className="min-h-control min-w-0 flex-1 rounded-md border border-edge bg-card px-1.5 font-semibold hover:border-ink"
        value={value}
        onChange={(event) => onChange(event.target.value)}
      >
        {children}
      </select>
    </Row>
  );
}
