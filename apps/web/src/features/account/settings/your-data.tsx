/** Everything somebody has as one file, and leaving with all of it gone. */
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { ask, roomQuery, useSentForm } from '../../../shared/api';
import { saveFrom } from '../../../shared/downloads';
import { fileSize, messages } from '../../../shared/messages';
import { Button, Dialog, DialogActions, Field, FormTrouble } from '../../../shared/ui';

export function YourData() {
  const says = messages.takingAlong;
  const [leaving, setLeaving] = useState(false);
  const { data: room } = useQuery(roomQuery);
  return (
    <section
      aria-labelledby="your-data"
      className="flex flex-col gap-3 rounded-md border border-edge bg-card p-5 md:col-span-2"
    >
      <h2 id="your-data" className="text-xl">
        {says.yourData}
      </h2>
      {room ? <p>{messages.media.room({ used: fileSize(room.used), most: fileSize(room.most) })}</p> : null}
      <p>{says.everythingText}</p>
      <div className="flex flex-wrap gap-3">
        <Button onClick={() => saveFrom('/api/accounts/everything')}>{says.everything}</Button>
        <Button look="danger" onClick={() => setLeaving(true)}>
          {says.leave}
        </Button>
      </div>
      {leaving ? <LeaveDialog onClose={() => setLeaving(false)} /> : null}
    </section>
  );
}

function LeaveDialog({ onClose }: { onClose: () => void }) {
  const says = messages.takingAlong;
  const { onSubmit, isPending, error, faults } = useSentForm(
    (values) => ask('POST', '/accounts/leave', values),
    // Nothing of what this page knows is there any more.
    () => location.assign('/sign-in'),
  );
  return (
    <Dialog title={says.leaveTitle} open onClose={onClose}>
      <form noValidate className="flex flex-col gap-3" onSubmit={onSubmit}>
        <p>{says.leaveText}</p>
        <Field
          label={messages.signIn.presentPassword}
          name="present"
          type="password"
          autoComplete="current-password"
          fault={faults['present']}
        />
        <FormTrouble error={error} fields={['present']} />
        <DialogActions>
          <Button onClick={onClose}>{messages.common.cancel}</Button>
          <Button type="submit" look="danger" disabled={isPending}>
            {says.leaveForGood}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
