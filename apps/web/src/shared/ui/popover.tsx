/** A small sheet beside the button that opens it; Escape and a press outside close it. */
import { Popover as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

interface PopoverProps {
  readonly label: string;
  readonly trigger: ReactNode;
  readonly side?: 'right' | 'bottom' | 'left';
  readonly children: ReactNode;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  /** Told when it has closed, before the focus goes back to its button; may keep it from going. */
  readonly onClosed?: (event: Event) => void;
}

export function Popover({ label, trigger, side = 'bottom', children, open, onOpenChange, onClosed }: PopoverProps) {
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      <Radix.Trigger asChild>{trigger}</Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          role="dialog"
          aria-label={label}
          side={side}
          sideOffset={4}
          collisionPadding={8}
          {...(onClosed ? { onCloseAutoFocus: onClosed } : {})}
          className="z-40 max-h-[80vh] max-w-[92vw] overflow-auto rounded-md border border-edge bg-card p-2"
        >
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
