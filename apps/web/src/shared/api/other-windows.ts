/** Lists that are asked for anew in every window of this browser, when one of them changed what they hold. */
import type { QueryClient } from '@tanstack/react-query';

const CHANNEL = 'gobrel lists';

/** Asks anew for everything whose key begins with one of some words, here and in other windows. */
export function renewEverywhere(queries: QueryClient, keys: readonly string[]): Promise<unknown> {
  const channel = new BroadcastChannel(CHANNEL);
  channel.postMessage(keys);
  channel.close();
  return renew(queries, keys);
}

/** Asks anew for what another window says has changed. */
export function followOtherWindows(queries: QueryClient): void {
  new BroadcastChannel(CHANNEL).onmessage = ({ data }: MessageEvent<unknown>) => {
    if (Array.isArray(data))
      void renew(
        queries,
        data.filter((key) => typeof key === 'string'),
      );
  };
}

function renew(queries: QueryClient, keys: readonly string[]): Promise<unknown> {
  return Promise.all(keys.map((key) => queries.invalidateQueries({ queryKey: [key] })));
}
