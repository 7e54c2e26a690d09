/** Tabs within a screen. */
import { Tabs as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

interface TabsProps {
  readonly label: string;
  /** The tab that is open at first; the first one when it is not given. */
  readonly start?: string;
  readonly tabs: readonly { readonly id: string; readonly name: string; readonly content: ReactNode }[];
  /** The tab that is open, where somebody else says so. */
  readonly open?: string;
  /** Told which tab is opened. */
  readonly onChange?: (id: string) => void;
  /** What stands beside the tabs, at the end of their line. */
  readonly beside?: ReactNode;
  /** On a wide screen they fill the height there is, and what is in a tab scrolls by itself. */
  readonly fill?: boolean;
}

export function Tabs({ label, tabs, start, open, onChange, beside, fill = false }: TabsProps) {
  return (
    <Radix.Root
      {...(open === undefined ? { defaultValue: start ?? tabs[0]?.id ?? '' } : { value: open })}
      {...(onChange ? { onValueChange: onChange } : {})}
      className={fill ? 'lg:flex lg:h-full lg:min-h-0 lg:flex-col' : undefined}
    >
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule">
        <Radix.List aria-label={label} className="flex flex-wrap gap-x-1">
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
        {beside ? <div className="ms-auto flex flex-wrap items-center gap-2 py-1">{beside}</div> : null}
      </div>
      {tabs.map((tab) => (
        <Radix.Content
          key={tab.id}
          value={tab.id}
          className={
            fill
              ? 'pt-2 max-[700px]:overflow-x-auto lg:min-h-0 lg:flex-1 lg:overflow-auto lg:data-[state=inactive]:hidden'
              : 'pt-3'
          }
        >
          {tab.content}
        </Radix.Content>
      ))}
    </Radix.Root>
  );
}
