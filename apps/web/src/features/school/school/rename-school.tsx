/** Gives the school another name. */
import { type FormEvent, useState } from 'react';
import { messages } from '../../../shared/messages';
import { Button, Dialog, DialogActions, Field } from '../../../shared/ui';
import { useSchool } from './use-school';

export function RenameSchool({ name }: { name: string }) {
  const says = messages.school;
  const [typed, setTyped] = useState<string | null>(null);
  const { change, isPending } = useSchool();
  const close = () => setTyped(null);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    change('PATCH', '', { name: typed }, { onDone: close });
  };
  return (
    <>
      <Button onClick={() => setTyped(name)}>{says.rename}</Button>
      <Dialog title={says.rename} open={typed !== null} onClose={close}>
        <form onSubmit={submit}>
          <Field
            label={says.name}
            value={typed ?? ''}
            maxLength={80}
            autoFocus
            onChange={({ target }) => setTyped(target.value)}
          />
          <DialogActions>
            <Button onClick={close}>{messages.common.cancel}</Button>
            <Button type="submit" look="main" disabled={typed?.trim() === '' || isPending}>
              {messages.common.keep}
            </Button>
          </DialogActions>
        </form>
      </Dialog>
    </>
  );
}
