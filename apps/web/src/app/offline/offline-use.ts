/** Installs the service worker, with which the application opens without a network. */
import { isKeptAnswer, isKeptFile } from './offline-caches';

/** Resolves once the service worker is at work; throws when its installation broke off, which is worth another try. */
export async function installOfflineUse(): Promise<void> {
  const registration = await navigator.serviceWorker.register('/service-worker.js', { type: 'module' });
  const worker = registration.installing;
  if (!worker) return;
  await new Promise<void>((resolve, reject) => {
    worker.addEventListener('statechange', () => {
      if (worker.state === 'activated') resolve();
      if (worker.state === 'redundant') reject(new Error('The service worker could not be installed.'));
    });
  });
  keepWhatPassedBy();
}

/**
 * What the page loads without the worker, as it was not there yet, passes it once more, mostly out of the browser's own
 * cache: whoever loses the network on the very first page finds it again too.
 */
function keepWhatPassedBy(): void {
  const known = new Set<string>();
  const look = (loaded: PerformanceEntryList) => {
    for (const entry of loaded) {
      if (!(entry instanceof PerformanceResourceTiming) || entry.workerStart > 0 || known.has(entry.name)) continue;
      known.add(entry.name);
      const { origin, pathname } = new URL(entry.name);
      if (origin !== location.origin || !(isKeptFile(pathname) || isKeptAnswer(pathname))) continue;
      // What cannot be had again just now is had again when it is needed.
      fetch(entry.name).catch(() => undefined);
    }
  };
  new PerformanceObserver((list) => look(list.getEntries())).observe({ type: 'resource', buffered: true });
}
