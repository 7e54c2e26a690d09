/** The foot of a dialog that makes a file: how far it is, what went wrong, and the buttons. */
import { messageOf } from '../../shared/api';
import { messages } from '../../shared/messages';
import { Button, DialogActions } from '../../shared/ui';
import type { Making } from './use-making';

interface MakingFootProps<Progress> {
  /** What is being made. */
  readonly label: string;
  readonly making: Making<Progress>;
  /** How far it is, in words. */
  readonly inWords: (progress: Progress) => string;
  /** On the button that makes it. */
  readonly action: string;
  /** Whether it can be made. */
  readonly isReady: boolean;
  readonly onMake: () => void;
  readonly onClose: () => void;
}

export function MakingFoot<Progress extends { readonly done: number; readonly all: number }>({
  label,
  making: { progress, trouble },
  inWords,
  action,
  isReady,
  onMake,
  onClose,
}: MakingFootProps<Progress>) {
  return (
    <>
      {progress ? (
        <p role="status" className="mt-3">
          {inWords(progress)}
          <progress
            className="mt-1 block w-full accent-tide"
            value={progress.done}
            max={progress.all}
            aria-label={label}
          />
        </p>
      ) : null}
      {trouble === null ? null : (
        <p role="alert" className="mt-3 text-berry">
          {messageOf(trouble)}
        </p>
      )}
      <DialogActions>
        <Button onClick={onClose}>{messages.common.cancel}</Button>
        <Button look="main" disabled={!isReady || progress !== null} onClick={onMake}>
          {action}
        </Button>
      </DialogActions>
    </>
  );
}
