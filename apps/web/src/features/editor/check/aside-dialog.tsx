/** Sets a finding aside, here or in the whole deck, with the reason. */
import type { Finding } from '@gobrel/core/checks';
import { useState } from 'react';
import { messages } from '../../../shared/messages';
import { Button, Dialog, DialogActions, Field } from '../../../shared/ui';

interface AsideDialogProps {
  readonly finding: Finding;
  readonly onAside: (how: { readonly everywhere: boolean; readonly reason: string }) => void;
  readonly onClose: () => void;
}

export function AsideDialog({ finding, onAside, onClose }: AsideDialogProps) {
  const says = messages.checks;
  const [everywhere, setEverywhere] = useState(false);
  const [reason, setReason] = useState('');
  return (
    <Dialog title={says.ignoreTitle({ title: says.titles[finding.rule] })} open onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          onAside({ everywhere, reason: reason.trim() });
        }}
      >
        <fieldset className="mb-3">
          <legend className="spoken">{says.ignore}</legend>
          {[false, true].map((all) => (
            <label key={String(all)} className="flex min-h-control items-center gap-2">
              <input
                type="radio"
                name="where"
                className="size-4 accent-tide"
                checked={everywhere === all}
                onChange={() => setEverywhere(all)}
              />
              {all ? says.ignoreDeck : says.ignoreHere}
            </label>
          ))}
        </fieldset>
        <Field
          label={says.reason}
          hint={says.reasonHint}
          value={reason}
          maxLength={300}
          onChange={({ target }) => setReason(target.value)}
        />
        <DialogActions>
          <Button onClick={onClose}>{messages.common.cancel}</Button>
          <Button look="main" type="submit">
            {says.ignore}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
