/** Whether a request comes from a page of this very server. */
import type { IncomingHttpHeaders } from 'node:http';

/** Browsers say from where a page asks; programs that are no browsers carry nobody's cookies along. */
export function isOwnOrigin({ origin, host, ...others }: IncomingHttpHeaders): boolean {
  if (others['sec-fetch-site'] === 'cross-site') return false;
  if (origin === undefined) return true;
  const forwarded = others['x-forwarded-host'];
  try {
    return [host, forwarded].includes(new URL(origin).host);
  } catch {
    return false;
  }
}
