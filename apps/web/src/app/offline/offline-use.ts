/** Installs the service worker, with which the application opens without a network. */

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
}
