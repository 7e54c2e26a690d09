/** Asks for the passcode of a show. */
import type { ShowPass } from '@gobrel/contract';
import { useMutation } from '@tanstack/react-query';
import { Lock } from 'lucide-react';
import { type FormEvent, useState } from 'react';
import { ask, messageOf } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { Button, Field, usePageTitle } from '../../../shared/ui';

export function PasscodeForm({ address, onPass }: { address: string; onPass: (pass: string) => void }) {
  const says = messages.shown;
  usePageTitle(says.locked);
  const [passcode, setPasscode] = useState('');
  const open = useMutation({
    mutationFn: () => ask<ShowPass>('POST', `/shows/${address}/pass`, { passcode }),
    onSuccess: ({ pass }) => onPass(pass),
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    open.mutate();
  };
  return (
    <main className="dotted-ground flex min-h-full items-center justify-center p-4">
      <form
        noValidate
        onSubmit={submit}
        className="flex w-full max-w-sm flex-col gap-3 rounded-md border border-edge bg-card p-6"
      >
        <h1 className="flex items-center gap-2 text-2xl">
          <Lock size={22} aria-hidden className="flex-none" /> {says.locked}
        </h1>
        <Field
          autoFocus
          label={says.passcode}
          hint={says.lockedHint}
          fault={open.isError ? messageOf(open.error) : undefined}
          value={passcode}
          autoComplete="off"
          onChange={({ target }) => setPasscode(target.value)}
        />
        <Button type="submit" look="main" disabled={passcode === '' || open.isPending}>
          {says.open}
        </Button>
      </form>
    </main>
  );
}
