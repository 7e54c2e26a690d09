/** What a mail's link to a school leads to: who invites to which school, and the way in. */
import type { OwnSchool, SchoolInvitationView } from '@gobrel/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useNavigate, useParams } from 'react-router';
import { InvitationCard } from '../../../app/frame';
import { ask, messageOf, schoolInvitationQuery, schoolQuery } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { buttonClasses, DeadEnd, Loading } from '../../../shared/ui';

export function Screen() {
  const { token = '' } = useParams();
  const invitation = useQuery(schoolInvitationQuery(token));
  if (invitation.isPending) return <Loading what={messages.school.title} />;
  if (invitation.isError)
    return (
      <DeadEnd
        title={messages.school.notOpen}
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

function Invitation({ token, invitation: { by, school } }: { token: string; invitation: SchoolInvitationView }) {
  const says = messages.school;
  const queries = useQueryClient();
  const navigate = useNavigate();
  const accept = useMutation({
    mutationFn: () => ask<OwnSchool>('POST', `/school/invitations/${encodeURIComponent(token)}/accept`),
    onSuccess: (own) => {
      queries.setQueryData(schoolQuery.queryKey, own);
      return navigate('/school', { replace: true });
    },
  });
  return (
    <InvitationCard
      heading={by === '' ? says.invitedByNobody({ school }) : says.invitedTitle({ name: by, school })}
      text={says.invitedText}
      action={says.join}
      isPending={accept.isPending}
      error={accept.error}
      onAccept={() => accept.mutate()}
      address={`/school/invited/${token}`}
    />
  );
}
