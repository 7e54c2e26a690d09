/** Restores what cannot be opened because it is in the bin, and opens it. */
import type { BinKind } from '@gobrel/contract';
import { useMutation } from '@tanstack/react-query';
import { ask, messageOf } from '../api';
import { messages } from '../messages';
import { Button, showToast } from '../ui';

export function RestoreButton({ kind, id }: { kind: BinKind; id: string }) {
  const restore = useMutation({
    mutationFn: () => ask('POST', `/${kind}/${id}/restore`),
    // Its documents were shut for good: the page is opened anew, and with it what this device kept.
    onSuccess: () => window.location.reload(),
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  return (
    <Button look="main" disabled={restore.isPending} onClick={() => restore.mutate()}>
      {messages.bin.restore}
    </Button>
  );
}
