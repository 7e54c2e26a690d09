/** Leaves the lesson on this device, for whoever comes next at a shared one. */
import { LogOut } from 'lucide-react';
import { LeavingDialog, useLeaving } from '../../../app/frame';
import { IconButton } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

export function LeaveButton({ name }: { name: string }) {
  // A page loaded anew holds nothing of who was here before.
  const leaving = useLeaving('student', () => window.location.assign('/join'));
  return (
    <>
      <IconButton name={messages.student.leave({ name })} onClick={() => void leaving.leave()}>
        <LogOut size={20} aria-hidden />
      </IconButton>
      {leaving.asked === null ? null : (
        <LeavingDialog unsaved={leaving.asked} onLeave={() => void leaving.leaveAnyway()} onStay={leaving.stay} />
      )}
    </>
  );
}
