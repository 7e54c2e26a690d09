/** Setting how a deck is shared: what the server answers is what is shown. */
import type { ShareKind, SharesView, ShareTerms } from '@gobrel/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { ask, messageOf, sharesQuery } from '../../../shared/api';
import { showToast } from '../../../shared/ui';

export function useSharing(deckId: string) {
  const queries = useQueryClient();
  const shares = useMutation({
    // One after the other, so that the last answer is the present one.
    scope: { id: `shares of ${deckId}` },
    mutationFn: ({ method, path, terms }: { method: 'PUT' | 'DELETE'; path: string; terms?: ShareTerms }) =>
      ask<SharesView>(method, `/decks/${deckId}/shares${path}`, terms),
    onSuccess: (view) => {
      queries.setQueryData(sharesQuery(deckId).queryKey, view);
      void queries.invalidateQueries({ queryKey: ['decks'], exact: true });
    },
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  return {
    set: (kind: ShareKind, terms: ShareTerms) => shares.mutate({ method: 'PUT', path: `/${kind}`, terms }),
    end: (kind: ShareKind) => shares.mutate({ method: 'DELETE', path: `/${kind}` }),
    /** Ends everything, and lets everybody out. */
    endAll: () =>
      shares.mutate(
        { method: 'DELETE', path: '' },
        { onSuccess: () => void queries.invalidateQueries({ queryKey: ['decks', deckId] }) },
      ),
    isPending: shares.isPending,
  };
}
