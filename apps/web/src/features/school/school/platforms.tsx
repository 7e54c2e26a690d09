/** The learning platforms of a school, for whoever manages it: entered and taken out. */
import type { PlatformView } from '@gobrel/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask, messageOf, platformsQuery } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { Button, ConfirmDialog, Failing, Loading, showToast } from '../../../shared/ui';
import { PlatformDialog } from './platform-dialog';

export function Platforms() {
  const says = messages.platforms;
  const queries = useQueryClient();
  const platforms = useQuery(platformsQuery);
  const [open, setOpen] = useState<'add' | PlatformView | null>(null);
  const [leaving, setLeaving] = useState<PlatformView | null>(null);
  const remove = useMutation({
    mutationFn: ({ id }: PlatformView) => ask<PlatformView[]>('DELETE', `/school/platforms/${id}`),
    onSuccess: (left) => queries.setQueryData(platformsQuery.queryKey, left),
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
    onSettled: () => setLeaving(null),
  });
  return (
    <section aria-labelledby="platforms">
      <h2 id="platforms" className="mb-1 text-xl">
        {says.title}
      </h2>
      <p className="mb-2 text-sm text-soft">{says.hint}</p>
      {platforms.isPending ? <Loading what={says.title} /> : null}
      {platforms.isError ? (
        <Failing message={messageOf(platforms.error)} onRetry={() => void platforms.refetch()} />
      ) : null}
      {platforms.data?.length ? (
        <ul className="mb-3 border-t border-rule">
          {platforms.data.map((platform) => (
            <li key={platform.id} className="flex min-h-12 flex-wrap items-center gap-2 border-b border-rule">
              <span className="min-w-0 flex-1 wrap-anywhere">
                <strong>{platform.name}</strong>
                <span className="block text-sm text-soft">{platform.issuer}</span>
              </span>
              <Button look="quiet" aria-label={says.showOf(platform)} onClick={() => setOpen(platform)}>
                {says.show}
              </Button>
              <Button
                look="quiet"
                className="text-berry"
                aria-label={says.removeOf(platform)}
                onClick={() => setLeaving(platform)}
              >
                {says.remove}
              </Button>
            </li>
          ))}
        </ul>
      ) : null}
      <Button onClick={() => setOpen('add')}>{says.add}</Button>
      {open === null ? null : <PlatformDialog known={open === 'add' ? null : open} onClose={() => setOpen(null)} />}
      {leaving ? (
        <ConfirmDialog
          title={says.removeTitle(leaving)}
          action={says.remove}
          isPending={remove.isPending}
          onConfirm={() => remove.mutate(leaving)}
          onClose={() => setLeaving(null)}
        >
          {says.removeText}
        </ConfirmDialog>
      ) : null}
    </section>
  );
}
