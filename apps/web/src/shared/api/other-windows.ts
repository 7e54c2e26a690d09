/** Lists that are asked for anew in every window of this browser, when one of them changed what they hold. */
import type { QueryClient } from '@tanstack/react-query';

const CHANNEL = 'gobrel lists';

/** Asks anew for everything whose key begins with one of some words, here and in other windows. */
export function renewEverywhere(queries: QueryClient, keys: readonly string[]): Promise<unknown> {
  const channel = openChannel();
  channel?.postMessage(keys);
  channel?.close();
  return renew(queries, keys);
}

/** Asks anew for what another window says has changed. */
export function followOtherWindows(queries: QueryClient): void {
  openChannel()?.addEventListener('message', ({ data }: MessageEvent<unknown>) => {
    const keys: readonly unknown[] = Array.isArray(data) ? data : [];
    void renew(
      queries,
      keys.filter((key) => typeof key === 'string'),
    );
  });
}

/** The way to the other windows; `null` in browsers from before there was one: their windows follow when they are looked at. */
function openChannel(): BroadcastChannel | null {
  return 'BroadcastChannel' in window ? new BroadcastChannel(CHANNEL) : null;
}

function renew(queries: QueryClient, keys: readonly string[]): Promise<unknown> {
  return Promise.all(keys.map((key) => queries.invalidateQueries({ queryKey: [key] })));
}
