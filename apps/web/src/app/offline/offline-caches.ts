/** The browser caches that the service worker and the screens share. */

/** The page and its files, pictures, and files that links lead to. */
export const FILES_CACHE = 'gobrel files 1';
/** The server's last answers about the lesson a student is in. */
export const ANSWERS_CACHE = 'gobrel answers 1';

/** Files whose address changes with their content; they are taken from the cache when they are there. */
export function isKeptFile(pathname: string): boolean {
  return /^\/(assets|stickers|api\/(pictures|files))\//.test(pathname);
}

/** Answers that may be shown again without a network. */
export function isKeptAnswer(pathname: string): boolean {
  return /^\/api\/(session|my-lesson|my-lesson\/edition)$/.test(pathname);
}

/** Whether a page is that of a shared deck, or one that embeds it. */
export function isShowPage(pathname: string): boolean {
  return /^\/(show|embed|try-embedding)\//.test(pathname);
}

/** Forgets the pictures and files that were seen here: whoever comes next has to be allowed to see them. */
export async function forgetPictures(): Promise<void> {
  if (!('caches' in globalThis)) return;
  const cache = await caches.open(FILES_CACHE);
  const seen = (await cache.keys()).filter((request) =>
    /^\/api\/(pictures|files)\//.test(new URL(request.url).pathname),
  );
  await Promise.all(seen.map((request) => cache.delete(request)));
}
