/** Tabs within a screen. */
import { Tabs as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

interface TabsProps {
  readonly label: string;
  /** The tab that is open at first; the first one when it is not given. */
  readonly start?: string;
  readonly tabs: readonly { readonly id: string; readonly name: string; readonly content: ReactNode }[];
  /** Told which tab is opened. */
  readonly onChange?: (id: string) => void;
}

export function Tabs({ label, tabs, start, onChange }: TabsProps) {
  return (
    <Radix.Root defaultValue={start ?? tabs[0]?.id ?? ''} {...(onChange ? { onValueChange: onChange } : {})}>
      <Radix.List aria-label={label} className="flex flex-wrap gap-x-6 border-b border-rule">
        {tabs.map((tab) => (
          <Radix.Trigger
            key={tab.id}
            value={tab.id}
            className="-mb-px min-h-11 border-b-[3px] border-transparent px-1 font-semibold text-soft data-[state=active]:border-ink data-[state=active]:text-ink"
          >
            {tab.name}
          </Radix.Trigger>
        ))}
      </Radix.List>
      {tabs.map((tab) => (
        <Radix.Content key={tab.id} value={tab.id} className="pt-4">
          {tab.content}
        </Radix.Content>
      ))}
    </Radix.Root>
  );
}
