/**
 * Keeps the application usable without a network: the page and its files, pictures, and what a student needs of
 * their lesson. Everything else goes to the server. Shared documents are kept in IndexedDB, not here.
 */
import { partOf } from './part-of';
import { ANSWERS_CACHE as ANSWERS, FILES_CACHE as FILES, isKeptAnswer, isKeptFile, isShowPage } from './offline-caches';

declare const self: ServiceWorkerGlobalScope;

self.addEventListener('install', (event) => {
  event.waitUntil(
    caches
      .open(FILES)
      .then((cache) => cache.add('/join'))
      .then(() => self.skipWaiting()),
  );
});

self.addEventListener('activate', (event) => {
  const old = caches
    .keys()
    .then((names) =>
      Promise.all(names.filter((name) => ![FILES, ANSWERS].includes(name)).map((name) => caches.delete(name))),
    );
  event.waitUntil(old.then(() => self.clients.claim()));
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (request.method !== 'GET' || origin !== self.location.origin) return;
  // Pages of shared decks come with headers of their own, and are never the page for all others.
  if (request.mode === 'navigate' && isShowPage(pathname)) return;
  // On their way to a sign-in elsewhere, and back.
  if (request.mode === 'navigate' && pathname.startsWith('/api/')) return;
  if (request.mode === 'navigate') event.respondWith(fresh(request, FILES, '/join'));
  else if (isKeptFile(pathname)) event.respondWith(kept(request, event.clientId));
  else if (isKeptAnswer(pathname)) event.respondWith(fresh(request, ANSWERS, request.url));
});

/**
 * Files of which a page has had a part from the network, by the page: it goes on having them from there, as browsers
 * (Chromium) do not play what comes in parts from here and from there. Forgotten when this ends, which is then told by
 * the player.
 */
const begunElsewhere = new Map<string, Set<string>>();

/** From the cache when it is there: for files whose address changes with their content. */
async function kept(request: Request, clientId: string): Promise<Response> {
  const cache = await caches.open(FILES);
  // A player that takes a file up again asks for it under another address.
  const known = await cache.match(request.url, { ignoreSearch: true });
  const range = request.headers.get('range');
  const isBegun = range !== null && begunElsewhere.get(clientId)?.has(request.url) === true;
  if (known && !isBegun) return range === null ? known : partOf(known, range);
  try {
    const answer = await fetch(request);
    if (answer.status === 206)
      begunElsewhere.set(clientId, (begunElsewhere.get(clientId) ?? new Set<string>()).add(request.url));
    // A video comes in parts, and is kept when somebody asks for it.
    const isMedia = /^(audio|video)\//.test(answer.headers.get('content-type') ?? '');
    if (answer.status === 200 && !isMedia) await cache.put(request.url, answer.clone());
    return answer;
  } catch (error) {
    if (known && range !== null) return partOf(known, range);
    throw error;
  }
}

/** From the server when it answers, else as it was the last time. */
async function fresh(request: Request, cacheName: string, key: string): Promise<Response> {
  const cache = await caches.open(cacheName);
  try {
    const answer = await fetch(request);
    if (answer.ok) await cache.put(key, answer.clone());
    if (answer.status === 401 || answer.status === 403) await cache.delete(key);
    return answer;
  } catch (error) {
    const known = await cache.match(key);
    if (known) return withoutDate(known);
    throw error;
  }
}

/** An answer of the past tells nobody what time it is. */
function withoutDate(answer: Response): Response {
  const headers = new Headers(answer.headers);
  headers.delete('date');
  return new Response(answer.body, { status: answer.status, statusText: answer.statusText, headers });
}
