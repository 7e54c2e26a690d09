/** An invitation that came by mail: what it is to, and accepting it, or signing in first. */
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { messageOf, sessionQuery } from '../../shared/api';
import { messages } from '../../shared/messages';
import { Button, buttonClasses, usePageTitle } from '../../shared/ui';
import { Brand } from './brand';

interface InvitationCardProps {
  readonly heading: string;
  /** What one may do afterwards. */
  readonly text: string;
  /** What accepting it is called. */
  readonly action: string;
  readonly isPending: boolean;
  readonly error: Error | null;
  readonly onAccept: () => void;
  /** Where this is, to come back to once signed in. */
  readonly address: string;
}

export function InvitationCard(props: InvitationCardProps) {
  usePageTitle(props.heading);
  const session = useQuery(sessionQuery);
  const isSignedIn = Boolean(session.data?.teacher);
  return (
    <main className="dotted-ground flex min-h-full items-center justify-center p-4">
      <div className="flex w-full max-w-md flex-col gap-3 rounded-md border border-edge bg-card p-6">
        <Brand />
        <h1 className="text-2xl wrap-anywhere">{props.heading}</h1>
        <p>{isSignedIn ? props.text : `${props.text} ${messages.sharing.signInFirst}`}</p>
        {props.error ? (
          <p role="alert" className="text-berry">
            {messageOf(props.error)}
          </p>
        ) : null}
        {isSignedIn ? (
          <Button look="main" disabled={props.isPending} onClick={props.onAccept}>
            {props.action}
          </Button>
        ) : (
          <Link to={`/sign-in?then=${encodeURIComponent(props.address)}`} className={buttonClasses('main')}>
            {messages.sharing.toSignIn}
          </Link>
        )}
      </div>
    </main>
  );
}
