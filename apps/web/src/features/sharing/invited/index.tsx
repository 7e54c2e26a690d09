/** What a mail's link leads to: who shares which deck, and the way to it. */
import type { DeckOfOwn, InvitationView } from '@gobrel/contract';
import { useMutation, useQuery } from '@tanstack/react-query';
import { Link, useNavigate, useParams } from 'react-router';
import { InvitationCard } from '../../../app/frame';
import { ask, invitationQuery, messageOf } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { buttonClasses, DeadEnd, Loading } from '../../../shared/ui';

export function Screen() {
  const { token = '' } = useParams();
  const invitation = useQuery(invitationQuery(token));
  if (invitation.isPending) return <Loading what={messages.shown.what} />;
  if (invitation.isError)
    return (
      <DeadEnd
        title={messages.elsewhere.deckTitle}
        text={messageOf(invitation.error)}
        onRetry={() => void invitation.refetch()}
      >
        <Link to="/" className={buttonClasses()}>
          {messages.elsewhere.home}
        </Link>
      </DeadEnd>
    );
  return <Invitation token={token} invitation={invitation.data} />;
}

function Invitation({ token, invitation }: { token: string; invitation: InvitationView }) {
  const says = messages.sharing;
  const { by, title, may } = invitation;
  const navigate = useNavigate();
  const accept = useMutation({
    mutationFn: () => ask<DeckOfOwn>('POST', `/invitations/${encodeURIComponent(token)}/accept`),
    onSuccess: ({ deckId }) => navigate(`/decks/${deckId}`, { replace: true }),
  });
  return (
    <InvitationCard
      heading={says.invitedTitle({ name: by, title })}
      text={says.invitedText({ may })}
      action={says.accept}
      isPending={accept.isPending}
      error={accept.error}
      onAccept={() => accept.mutate()}
      address={`/invited/${token}`}
    />
  );
}
