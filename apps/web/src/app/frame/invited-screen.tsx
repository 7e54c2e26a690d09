/** Where a mail's link leads: what it invites to once that is known, or that it leads nowhere any more. */
import type { UseQueryResult } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { messageOf } from '../../shared/api';
import { messages } from '../../shared/messages';
import { buttonClasses, DeadEnd, Loading } from '../../shared/ui';

interface InvitedScreenProps<Invitation> {
  readonly invitation: UseQueryResult<Invitation>;
  /** What is invited to, while it is loading. */
  readonly what: string;
  /** The title where it cannot be opened. */
  readonly notOpen: string;
  readonly children: (invitation: Invitation) => ReactNode;
}

export function InvitedScreen<Invitation>({ invitation, what, notOpen, children }: InvitedScreenProps<Invitation>) {
  if (invitation.isPending) return <Loading what={what} />;
  if (invitation.isSuccess) return children(invitation.data);
  return (
    <DeadEnd title={notOpen} text={messageOf(invitation.error)} onRetry={() => void invitation.refetch()}>
      <Link to="/" className={buttonClasses()}>
        {messages.elsewhere.home}
      </Link>
    </DeadEnd>
  );
}
