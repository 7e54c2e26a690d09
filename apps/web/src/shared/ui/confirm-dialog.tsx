/** Asks before something is done that cannot simply be undone. */
import type { ReactNode } from 'react';
import { messages } from '../messages';
import { Button } from './button';
import { Dialog, DialogActions } from './dialog';

interface ConfirmProps {
  /** The question. */
  readonly title: string;
  /** What happens then. */
  readonly children: ReactNode;
  /** The verb of the button that does it. */
  readonly action: string;
  readonly open?: boolean;
  readonly isPending?: boolean;
  readonly onConfirm: () => void;
  readonly onClose: () => void;
}

export function ConfirmDialog({ title, children, action, open = true, isPending, onConfirm, onClose }: ConfirmProps) {
  return (
    <Dialog title={title} open={open} onClose={onClose}>
      <div>{children}</div>
      <DialogActions>
        <Button onClick={onClose}>{messages.common.cancel}</Button>
        <Button look="danger" disabled={isPending} onClick={onConfirm}>
          {action}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
