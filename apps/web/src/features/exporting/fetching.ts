/** Fetching what files are made of: some at a time, and to be broken off. */

/** How many are asked for at once. */
const AT_ONCE = 6;

/** What stands at an address. @throws when it cannot be had, or `signal` ends it */
export async function fetched(url: string, signal: AbortSignal, method = 'GET'): Promise<Response> {
  const answer = await fetch(url, { signal, method, credentials: 'same-origin' });
  if (!answer.ok) throw new Error(`${url}: ${String(answer.status)}`);
  return answer;
}

/** Does something to all of them, some at a time; gives what came of it in their order. */
export async function severally<T, R>(all: readonly T[], act: (each: T) => Promise<R>): Promise<R[]> {
  const results: R[] = [];
  for (let at = 0; at < all.length; at += AT_ONCE)
    results.push(...(await Promise.all(all.slice(at, at + AT_ONCE).map(act))));
  return results;
}

/** Bytes as text in base64. */
export function base64Of(blob: Blob): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result).replace(/^[^,]*,/, ''));
    reader.onerror = () => reject(new Error('the bytes cannot be read'));
    reader.readAsDataURL(blob);
  });
}
