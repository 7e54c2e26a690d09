/** What is done with the bin: putting things there, restoring them, removing them for good. Other windows follow. */
import type { BinKind } from '@gobrel/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { ask, messageOf, renewEverywhere } from '../api';
import { messages } from '../messages';
import { showToast } from '../ui';

/** Something in the bin, or on its way there. */
interface Thing {
  readonly kind: BinKind;
  readonly id: string;
  /** What it is called, for the message. */
  readonly title: string;
}

/** What changes with what is in the bin. */
const CHANGED = ['bin', 'decks', 'lessons', 'classes'] as const;

export function useBin() {
  const says = messages.bin;
  const queries = useQueryClient();
  const settled = {
    onSettled: () => renewEverywhere(queries, CHANGED),
    onError: (error: unknown) => showToast(messageOf(error), { tone: 'trouble' }),
  };
  const restore = useMutation({
    ...settled,
    mutationFn: (things: readonly Thing[]) =>
      Promise.all(things.map(({ kind, id }) => ask('POST', `/${kind}/${id}/restore`))),
    onSuccess: (_answers, things) => {
      const [first] = things;
      if (first)
        showToast(
          things.length === 1 ? says.restored({ title: first.title }) : says.restoredSeveral({ count: things.length }),
        );
    },
  });
  const put = useMutation({
    ...settled,
    mutationFn: (things: readonly Thing[]) =>
      Promise.all(things.map(({ kind, id }) => ask('DELETE', `/${kind}/${id}`))),
    onSuccess: (_answers, things) => {
      const [first] = things;
      if (!first) return;
      showToast(
        things.length === 1 ? says.deleted({ title: first.title }) : says.deletedSeveral({ count: things.length }),
        { action: { name: messages.common.undo, run: () => restore.mutate(things) } },
      );
    },
  });
  const purge = useMutation({
    ...settled,
    mutationFn: ({ kind, id }: Thing) => ask('DELETE', `/bin/${kind}/${id}`),
    onSuccess: (_answer, { title }) => showToast(says.purged({ title })),
  });
  const empty = useMutation({
    ...settled,
    mutationFn: () => ask('DELETE', '/bin'),
    onSuccess: () => showToast(says.emptied),
  });
  return { put, restore, purge, empty };
}
