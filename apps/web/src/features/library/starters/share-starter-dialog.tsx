/** Sharing a starter with colleagues, and no longer. */
import type { Colleague, KeptStarterView } from '@gobrel/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { useState } from 'react';
import { ask, messageOf, startersQuery } from '../../../shared/api';
import { Button, Dialog, Field, IconButton, showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

export function ShareStarterDialog({ starter, onClose }: { starter: KeptStarterView; onClose: () => void }) {
  const says = messages.starters;
  const queries = useQueryClient();
  const [email, setEmail] = useState('');
  const share = useMutation({
    mutationFn: () => ask<KeptStarterView[]>('POST', `/templates/${starter.id}/shares`, { email }),
    onSuccess: (starters) => {
      const known = new Set(starter.sharedWith.map(({ id }) => id));
      const added = starters.find(({ id }) => id === starter.id)?.sharedWith.find(({ id }) => !known.has(id));
      queries.setQueryData(startersQuery.queryKey, starters);
      setEmail('');
      if (added) showToast(says.shared({ name: added.name }));
    },
  });
  const unshare = useMutation({
    mutationFn: ({ id }: Colleague) => ask('DELETE', `/templates/${starter.id}/shares/${id}`),
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
    onSettled: () => queries.invalidateQueries({ queryKey: startersQuery.queryKey }),
  });
  return (
    <Dialog title={says.shareTitle({ name: starter.name })} open onClose={onClose}>
      <ul>
        {starter.sharedWith.map((colleague) => (
          <li key={colleague.id} className="flex min-h-12 items-center gap-2 border-b border-rule">
            <span className="min-w-0 flex-1 font-semibold">{colleague.name}</span>
            <IconButton name={says.unshare({ name: colleague.name })} onClick={() => unshare.mutate(colleague)}>
              <X size={18} aria-hidden />
            </IconButton>
          </li>
        ))}
      </ul>
      <form
        className="mt-3"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          share.mutate();
        }}
      >
        <Field
          label={says.shareEmail}
          fault={share.isError ? messageOf(share.error) : undefined}
          type="email"
          value={email}
          onChange={(event) => setEmail(event.target.value)}
        />
        <Button type="submit" look="main" className="mt-2" disabled={email.trim() === '' || share.isPending}>
          {says.share}
        </Button>
      </form>
    </Dialog>
  );
}
