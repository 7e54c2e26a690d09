/** Something that is on or off, and says so in words. */
import { Switch as Radix } from 'radix-ui';

interface SwitchProps {
  /** What is on or off. */
  readonly label: string;
  readonly on: boolean;
  /** What it is called while it is as it is. */
  readonly state: string;
  readonly disabled?: boolean;
  readonly onChange: (on: boolean) => void;
}

export function Switch({ label, on, state, disabled = false, onChange }: SwitchProps) {
  return (
    <span className="inline-flex min-h-control items-center gap-2">
      <Radix.Root
        aria-label={label}
        checked={on}
        disabled={disabled}
        onCheckedChange={onChange}
        className="relative h-6 w-10 flex-none rounded-full border border-edge bg-card after:absolute after:-inset-3 after:content-[''] disabled:opacity-55 data-[state=checked]:border-tide data-[state=checked]:bg-tide"
      >
        <Radix.Thumb className="block size-4 translate-x-1 rounded-full bg-edge transition-transform data-[state=checked]:translate-x-4.5 data-[state=checked]:bg-on-tide rtl:-translate-x-1 rtl:data-[state=checked]:-translate-x-4.5 motion-reduce:transition-none" />
      </Radix.Root>
      <span aria-hidden className="font-semibold">
        {state}
      </span>
    </span>
  );
}
