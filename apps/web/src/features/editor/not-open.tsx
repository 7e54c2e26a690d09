/** A deck that cannot be edited by whoever looks: deleted, not theirs, or only to be looked at. Its owner can restore it here. */
import type { DeckSummary } from '@gobrel/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { ask, deckQuery, messageOf, Refusal } from '../../shared/api';
import { Button, buttonClasses, DeadEnd, Failing, Loading, showToast } from '../../shared/ui';
import { messages } from '../../shared/messages';
import { ViewOnly } from './view-only';

export function NotOpen({ deckId }: { deckId: string }) {
  const queries = useQueryClient();
  const deck = useQuery({ ...deckQuery(deckId), staleTime: 0, retry: false });
  const restore = useMutation({
    mutationFn: () => ask<DeckSummary>('POST', `/decks/${deckId}/restore`),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['decks'] });
      // The document was shut for good: the page is opened anew, and with it what this device kept.
      window.location.reload();
    },
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  if (deck.isFetching) return <Loading what={messages.show.deck} />;
  // What was editing until now may be only looking from now on.
  if (deck.data)
    return deck.data.may === 'view' ? (
      <ViewOnly deck={deck.data} />
    ) : (
      <Failing message={messages.elsewhere.broken} onRetry={() => window.location.reload()} />
    );
  const code = deck.error instanceof Refusal ? deck.error.problem.code : null;
  const isDeleted = code === 'deck-deleted' || code === 'deck-deleted-by-owner';
  return (
    <DeadEnd
      title={messages.elsewhere.deckTitle}
      text={isDeleted ? messageOf(deck.error) : messages.elsewhere.notYours}
    >
      {code === 'deck-deleted' ? (
        <Button look="main" disabled={restore.isPending} onClick={() => restore.mutate()}>
          {messages.library.restore}
        </Button>
      ) : null}
      <Link to="/" className={buttonClasses()}>
        {messages.elsewhere.home}
      </Link>
    </DeadEnd>
  );
}
