/** Sharing a template with colleagues, and no longer. */
import type { Colleague, KeptTemplateView } from '@gobrel/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { useState } from 'react';
import { ask, messageOf, templatesQuery } from '../../../shared/api';
import { Button, Dialog, Field, IconButton, showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

export function ShareTemplateDialog({ template, onClose }: { template: KeptTemplateView; onClose: () => void }) {
  const says = messages.templates;
  const queries = useQueryClient();
  const [email, setEmail] = useState('');
  const share = useMutation({
    mutationFn: () => ask<KeptTemplateView[]>('POST', `/templates/${template.id}/shares`, { email }),
    onSuccess: (templates) => {
      const known = new Set(template.sharedWith.map(({ id }) => id));
      const added = templates.find(({ id }) => id === template.id)?.sharedWith.find(({ id }) => !known.has(id));
      queries.setQueryData(templatesQuery.queryKey, templates);
      setEmail('');
      if (added) showToast(says.shared({ name: added.name }));
    },
  });
  const unshare = useMutation({
    mutationFn: ({ id }: Colleague) => ask('DELETE', `/templates/${template.id}/shares/${id}`),
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
    onSettled: () => queries.invalidateQueries({ queryKey: templatesQuery.queryKey }),
  });
  return (
    <Dialog title={says.shareTitle({ name: template.name })} open onClose={onClose}>
      <ul>
        {template.sharedWith.map((colleague) => (
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
