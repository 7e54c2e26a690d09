/** The devices on which a teacher is signed in, and signing them out. */
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ask, devicesQuery, messageOf } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { Button, Failing, Loading, showToast } from '../../../shared/ui';

export function Devices() {
  const says = messages.signIn;
  const queries = useQueryClient();
  const devices = useQuery(devicesQuery);
  const end = useMutation({
    mutationFn: (path: string) => ask('DELETE', `/accounts/devices${path}`),
    onSuccess: (_answer, path) => {
      if (path === '') showToast(says.othersSignedOut);
      return queries.invalidateQueries({ queryKey: devicesQuery.queryKey });
    },
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  return (
    <section aria-labelledby="devices" className="rounded-md border border-edge bg-card p-5">
      <h2 id="devices" className="text-xl">
        {says.devices}
      </h2>
      <p className="text-sm text-soft">{says.devicesHint}</p>
      {devices.isPending ? <Loading what={says.devices} /> : null}
      {devices.isError ? <Failing message={messageOf(devices.error)} onRetry={() => void devices.refetch()} /> : null}
      <ul className="mt-2 divide-y divide-rule">
        {devices.data?.map(({ id, name, since, isThis }) => (
          <li key={id} className="flex min-h-12 items-center gap-2 py-1">
            <span className="min-w-0 flex-1">
              <span className="block truncate font-semibold">{name || says.unknownDevice}</span>
              <span className="block text-sm text-soft">{says.since({ at: new Date(since) })}</span>
            </span>
            {isThis ? (
              <span className="text-sm font-semibold text-reed">{says.thisDevice}</span>
            ) : (
              <Button
                look="quiet"
                aria-label={says.signOutName({ name: name || says.unknownDevice })}
                disabled={end.isPending}
                onClick={() => end.mutate(`/${id}`)}
              >
                {says.signOutDevice}
              </Button>
            )}
          </li>
        ))}
      </ul>
      {(devices.data?.length ?? 0) > 1 ? (
        <Button className="mt-3" disabled={end.isPending} onClick={() => end.mutate('')}>
          {says.signOutOthers}
        </Button>
      ) : null}
    </section>
  );
}
