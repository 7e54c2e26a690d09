/** Asks before somebody leaves a device on which changes of theirs are kept that nobody else has. */
import { Button, Dialog, DialogActions } from '../../shared/ui';
import { messages } from '../../shared/messages';

interface LeavingProps {
  /** How many documents hold such changes. */
  readonly unsaved: number;
  readonly onLeave: () => void;
  readonly onStay: () => void;
}

export function LeavingDialog({ unsaved, onLeave, onStay }: LeavingProps) {
  const says = messages.frame;
  return (
    <Dialog title={says.leavingTitle} open onClose={onStay}>
      <p>{says.leavingText({ unsaved })}</p>
      <DialogActions>
        <Button look="main" onClick={onStay}>
          {says.stay}
        </Button>
        <Button look="danger" onClick={onLeave}>
          {says.leaveAnyway}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
