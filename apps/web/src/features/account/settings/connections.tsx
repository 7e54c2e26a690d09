/** The systems elsewhere by which a teacher signs in: connecting the school's, and letting go of any. */
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { School } from 'lucide-react';
import { ask, connectionsQuery, messageOf, signInWaysQuery } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { Button, showToast } from '../../../shared/ui';

export function Connections() {
  const says = messages.signIn;
  const queries = useQueryClient();
  const { data: ways } = useQuery(signInWaysQuery);
  const { data: connections = [] } = useQuery(connectionsQuery);
  const end = useMutation({
    mutationFn: (id: string) => ask('DELETE', `/accounts/connections/${id}`),
    onSuccess: () => queries.invalidateQueries({ queryKey: connectionsQuery.queryKey }),
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  const connect = useMutation({
    mutationFn: () => ask<{ url: string }>('POST', '/sign-in/provider'),
    // It leaves the application, and comes back to this page.
    onSuccess: ({ url }) => window.location.assign(url),
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  if (!ways?.provider && connections.length === 0) return null;
  return (
    <section aria-labelledby="connections" className="rounded-md border border-edge bg-card p-5">
      <h2 id="connections" className="text-xl">
        {says.connections}
      </h2>
      <p className="text-sm text-soft">{says.connectionsHint}</p>
      {connections.length === 0 ? <p className="mt-2">{says.noConnections}</p> : null}
      <ul className="mt-2 divide-y divide-rule">
        {connections.map(({ id, issuer }) => (
          <li key={id} className="flex min-h-12 items-center gap-2 py-1">
            <span className="min-w-0 flex-1 truncate font-semibold">{issuer}</span>
            <Button
              look="quiet"
              aria-label={says.disconnectName({ name: issuer })}
              disabled={end.isPending}
              onClick={() => end.mutate(id)}
            >
              {says.disconnect}
            </Button>
          </li>
        ))}
      </ul>
      {ways?.provider ? (
        <Button className="mt-3 w-full" disabled={connect.isPending} onClick={() => connect.mutate()}>
          <School size={18} aria-hidden /> {says.connect({ provider: ways.provider })}
        </Button>
      ) : null}
    </section>
  );
}
