/** A dialog over the screen; Escape and a press outside close it. It grows downwards, so that its head stands still. */
import { X } from 'lucide-react';
import { Dialog as Radix } from 'radix-ui';
import { type ReactNode, useRef } from 'react';
import { messages } from '../messages';

interface DialogProps {
  readonly title: string;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
  /** Wider than a form: for pictures side by side, or, the widest, for several things with their settings. */
  readonly wide?: boolean | 'widest';
  /** Takes the focus once it is gone; without it, it goes back to where it was. */
  readonly onLeft?: (() => void) | undefined;
}

export function Dialog({ title, open, onClose, children, wide = false, onLeft }: DialogProps) {
  const body = useRef<HTMLDivElement>(null);
  return (
    <Radix.Root open={open} onOpenChange={(next) => (next ? undefined : onClose())}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-30 bg-[#0d1413]/55" />
        <Radix.Content
          aria-describedby={undefined}
          onOpenAutoFocus={(event) => {
            // What is still loading has nothing to begin with: the dialog itself has the focus, and Tab goes on from there.
            if (body.current?.querySelector('button, input, select, textarea, [tabindex="0"]')) return;
            event.preventDefault();
            body.current?.closest<HTMLElement>('[role=dialog]')?.focus();
          }}
          onCloseAutoFocus={(event) => {
            if (!onLeft) return;
            event.preventDefault();
            onLeft();
          }}
          className={`fixed left-1/2 top-(--dialog-top) z-30 flex max-h-[calc(100dvh-var(--dialog-top)-1rem)] w-[94vw] -translate-x-1/2 flex-col overflow-hidden rounded-md border border-edge bg-card px-6 outline-none ${widthOf(wide)}`}
        >
          <Radix.Title className="flex-none pe-10 pt-6 text-xl">{title}</Radix.Title>
          {/* The fields and their focus have room at the sides of what scrolls. */}
          <div ref={body} className="-mx-6 min-h-0 flex-1 overflow-auto px-6 pb-6 pt-4">
            {children}
          </div>
          {/* The last in order, so that a dialog begins where there is something to do. */}
          <Radix.Close
            aria-label={messages.common.close}
            className="absolute end-3 top-3 inline-flex size-11 items-center justify-center rounded-md hover:bg-rule/50"
          >
            <X size={20} aria-hidden />
          </Radix.Close>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}

function widthOf(wide: boolean | 'widest'): string {
  if (wide === 'widest') return 'max-w-[57rem]';
  return wide ? 'max-w-3xl' : 'max-w-lg';
}

/** What a dialog is left by, at its end: in sight however far it scrolls. */
export function DialogActions({ children }: { children: ReactNode }) {
  return (
    <div className="sticky -bottom-6 -mx-6 -mb-6 mt-2 flex flex-wrap justify-end gap-2 bg-card px-6 pb-6 pt-3">
      {children}
    </div>
  );
}
