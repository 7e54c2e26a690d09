/** A deck that cannot be edited by whoever looks: deleted, not theirs, or only to be looked at. Its owner can restore it here. */
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { deckQuery, messageOf, Refusal } from '../../shared/api';
import { RestoreButton } from '../../shared/bin';
import { buttonClasses, DeadEnd, Failing, Loading } from '../../shared/ui';
import { messages } from '../../shared/messages';
import { ViewOnly } from './view-only';

export function NotOpen({ deckId }: { deckId: string }) {
  const deck = useQuery({ ...deckQuery(deckId), staleTime: 0, retry: false });
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
      {code === 'deck-deleted' ? <RestoreButton kind="decks" id={deckId} /> : null}
      <Link to="/" className={buttonClasses()}>
        {messages.elsewhere.home}
      </Link>
    </DeadEnd>
  );
}
