/** Cookies of ours: no script reads them, and other sites' pages bring them along only where somebody goes here. */
import type { CookieOptions } from 'express';
import type { Place } from './place.js';

/** Where a cookie is told, as a path and what is below it. */
export function ownCookie({ isBehindTls }: Place, path: string): CookieOptions {
  return { httpOnly: true, sameSite: 'lax', path, secure: isBehindTls };
}
