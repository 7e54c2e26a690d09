/** A dialog over the screen; Escape and a press outside close it. */
import { X } from 'lucide-react';
import { Dialog as Radix } from 'radix-ui';
import type { ReactNode } from 'react';
import { messages } from '../messages';

interface DialogProps {
  readonly title: string;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
  readonly wide?: boolean;
}

export function Dialog({ title, open, onClose, children, wide = false }: DialogProps) {
  return (
    <Radix.Root open={open} onOpenChange={(next) => (next ? undefined : onClose())}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-30 bg-[#0d1413]/55" />
        <Radix.Content
          aria-describedby={undefined}
          className={`fixed left-1/2 top-1/2 z-30 max-h-[92vh] w-[94vw] -translate-x-1/2 -translate-y-1/2 overflow-auto rounded-md border border-edge bg-card p-6 ${wide ? 'max-w-3xl' : 'max-w-lg'}`}
        >
          <div className="mb-4 flex items-start justify-between gap-4">
            <Radix.Title className="text-xl">{title}</Radix.Title>
            <Radix.Close
              aria-label={messages.common.close}
              className="-me-2 -mt-2 inline-flex size-11 items-center justify-center rounded-md hover:bg-rule/50"
            >
              <X size={20} aria-hidden />
            </Radix.Close>
          </div>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
