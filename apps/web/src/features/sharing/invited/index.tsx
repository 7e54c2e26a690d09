/** What a mail's link leads to: who shares which deck, and the way to it. */
import type { DeckOfOwn, InvitationView } from '@gobrel/contract';
import { useMutation, useQuery } from '@tanstack/react-query';
import { Link, useNavigate, useParams } from 'react-router';
import { Brand } from '../../../app/frame';
import { ask, invitationQuery, messageOf, sessionQuery } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { Button, buttonClasses, DeadEnd, Loading, usePageTitle } from '../../../shared/ui';

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
  const heading = says.invitedTitle({ name: by, title });
  usePageTitle(heading);
  const session = useQuery(sessionQuery);
  const navigate = useNavigate();
  const accept = useMutation({
    mutationFn: () => ask<DeckOfOwn>('POST', `/invitations/${encodeURIComponent(token)}/accept`),
    onSuccess: ({ deckId }) => navigate(`/decks/${deckId}`, { replace: true }),
  });
  const isSignedIn = Boolean(session.data?.teacher);
  return (
    <main className="dotted-ground flex min-h-full items-center justify-center p-4">
      <div className="flex w-full max-w-md flex-col gap-3 rounded-md border border-edge bg-card p-6">
        <Brand />
        <h1 className="text-2xl wrap-anywhere">{heading}</h1>
        <p>{isSignedIn ? says.invitedSignedIn({ may }) : says.invitedText({ may })}</p>
        {accept.isError ? (
          <p role="alert" className="text-berry">
            {messageOf(accept.error)}
          </p>
        ) : null}
        {isSignedIn ? (
          <Button look="main" disabled={accept.isPending} onClick={() => accept.mutate()}>
            {says.accept}
          </Button>
        ) : (
          <Link to={`/sign-in?then=${encodeURIComponent(`/invited/${token}`)}`} className={buttonClasses('main')}>
            {says.toSignIn}
          </Link>
        )}
      </div>
    </main>
  );
}
