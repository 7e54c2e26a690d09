/** What a mail's link to a school leads to: who invites to which school, and the way in. */
import type { OwnSchool, SchoolInvitationView } from '@gobrel/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate, useParams } from 'react-router';
import { InvitationCard, InvitedScreen } from '../../../app/frame';
import { ask, schoolInvitationQuery, schoolQuery } from '../../../shared/api';
import { messages } from '../../../shared/messages';

export function Screen() {
  const { token = '' } = useParams();
  const invitation = useQuery(schoolInvitationQuery(token));
  return (
    <InvitedScreen invitation={invitation} what={messages.school.title} notOpen={messages.school.notOpen}>
      {(known) => <Invitation token={token} invitation={known} />}
    </InvitedScreen>
  );
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
