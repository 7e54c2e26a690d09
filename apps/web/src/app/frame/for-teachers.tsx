/** Lets signed-in teachers through to a screen; everybody else signs in first and comes back. */
import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Navigate, Outlet, useLocation } from 'react-router';
import { messageOf, sessionQuery } from '../../shared/api';
import { Failing, Loading } from '../../shared/ui';
import { messages } from '../../shared/messages';
import { speakAsAccount } from './language';

export function ForTeachers() {
  const session = useQuery(sessionQuery);
  const { pathname } = useLocation();
  const wanted = session.data?.teacher?.language ?? null;
  useEffect(() => {
    // On a device where no language was chosen, or another one.
    speakAsAccount(wanted);
  }, [wanted]);
  if (session.isPending) return <Loading what={messages.frame.signIn} />;
  if (session.isError) return <Failing message={messageOf(session.error)} onRetry={() => void session.refetch()} />;
  if (!session.data.teacher) return <Navigate to={`/sign-in?then=${encodeURIComponent(pathname)}`} replace />;
  return <Outlet />;
}
