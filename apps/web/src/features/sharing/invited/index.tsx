/** What a mail's link leads to: who shares which deck, and the way to it. */
import type { DeckOfOwn, InvitationView } from '@gobrel/contract';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useNavigate, useParams } from 'react-router';
import { InvitationCard, InvitedScreen } from '../../../app/frame';
import { ask, invitationQuery } from '../../../shared/api';
import { messages } from '../../../shared/messages';

export function Screen() {
  const { token = '' } = useParams();
  const invitation = useQuery(invitationQuery(token));
  return (
    <InvitedScreen invitation={invitation} what={messages.shown.what} notOpen={messages.elsewhere.deckTitle}>
      {(known) => <Invitation token={token} invitation={known} />}
    </InvitedScreen>
  );
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
