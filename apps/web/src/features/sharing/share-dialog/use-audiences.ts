/** Sharing a deck with teams and the school: what the server answers is what is shown. */
import type { AudiencesView, AuthorTerms, OfferTerms } from '@gobrel/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { ask, audiencesQuery, messageOf } from '../../../shared/api';
import { showToast } from '../../../shared/ui';

interface Asked {
  readonly method: 'PUT' | 'DELETE';
  readonly path: string;
  readonly terms?: AuthorTerms | OfferTerms;
}

export function useAudiences(deckId: string) {
  const queries = useQueryClient();
  const { mutate } = useMutation({
    // One after the other, in the order in which they are set: the last one is what stands, and is shown.
    scope: { id: `audiences of ${deckId}` },
    mutationFn: ({ method, path, terms }: Asked) =>
      ask<AudiencesView>(method, `/decks/${deckId}/audiences/${path}`, terms),
    onSuccess: (view) => {
      queries.setQueryData(audiencesQuery(deckId).queryKey, view);
      void queries.invalidateQueries({ queryKey: ['decks'], exact: true });
      void queries.invalidateQueries({ queryKey: ['school', 'shelf'] });
    },
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  return {
    setTeam: (teamId: string, terms: AuthorTerms) => mutate({ method: 'PUT', path: `teams/${teamId}`, terms }),
    endTeam: (teamId: string) => mutate({ method: 'DELETE', path: `teams/${teamId}` }),
    offer: (terms: OfferTerms) => mutate({ method: 'PUT', path: 'school', terms }),
    endOffer: () => mutate({ method: 'DELETE', path: 'school' }),
  };
}
