/** A tip: what something is called, shown on hover and focus. */
import { Tooltip } from 'radix-ui';
import type { ReactNode } from 'react';

export function Tip({
  text,
  children,
  side = 'bottom',
}: {
  text: string;
  children: ReactNode;
  side?: 'top' | 'bottom' | 'right';
}) {
  return (
    <Tooltip.Root>
      {/* Not where a dialog puts the focus after a press of the mouse: Escape would close the tip and not the dialog. */}
      <Tooltip.Trigger
        asChild
        onFocus={(event) => {
          if (!event.currentTarget.matches(':focus-visible')) event.preventDefault();
        }}
      >
        {children}
      </Tooltip.Trigger>
      <Tooltip.Portal>
        {/* Whoever does not see it is told by the name or the description of what it belongs to. */}
        <Tooltip.Content
          aria-hidden
          side={side}
          sideOffset={6}
          className="z-50 max-w-64 rounded-md bg-ink px-2.5 py-1.5 text-sm text-card"
        >
          {text}
        </Tooltip.Content>
      </Tooltip.Portal>
    </Tooltip.Root>
  );
}

/** Makes tips below it appear after half a second. */
export function Tips({ children }: { children: ReactNode }) {
  return <Tooltip.Provider delayDuration={500}>{children}</Tooltip.Provider>;
}
