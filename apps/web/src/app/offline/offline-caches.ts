/** The browser caches that the service worker and the screens share. */

/** The page and its files, pictures, and files that links lead to. */
export const FILES_CACHE = 'gobrel files 1';
/** The server's last answers about the lesson a student is in. */
export const ANSWERS_CACHE = 'gobrel answers 1';

/** Forgets the pictures and files that were seen here: whoever comes next has to be allowed to see them. */
export async function forgetPictures(): Promise<void> {
  if (!('caches' in globalThis)) return;
  const cache = await caches.open(FILES_CACHE);
  const seen = (await cache.keys()).filter((request) =>
    /^\/api\/(pictures|files)\//.test(new URL(request.url).pathname),
  );
  await Promise.all(seen.map((request) => cache.delete(request)));
}
