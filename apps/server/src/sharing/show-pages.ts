/**
 * What is said with the pages of shared decks: only the one for embedding may be in a frame of another page, and search
 * engines stay away unless the author says otherwise.
 */
import type { NextFunction, Request, RequestHandler, Response } from 'express';
import { type Place, siteOf } from '../place.js';

/** The addresses of shows: to look at, or to embed. */
const SHOW = /^\/(show|embed)\/([\w-]{16})$/;
/** The page that tries out how a show is embedded. */
const TRIAL = /^\/try-embedding\/[\w-]{16}$/;

/** @param isListed whether search engines may list what an address shows */
export function showPages(place: Place, isListed: (address: string) => Promise<boolean>): RequestHandler {
  return (request: Request, response: Response, next: NextFunction): void => {
    const [, page, address = ''] = SHOW.exec(request.path) ?? [];
    if (TRIAL.test(request.path)) mayFrameItself(request, response);
    if (page === undefined) return next();
    if (page === 'embed') mayBeFramed(response);
    const site = siteOf(place, request);
    const about = `${site}/api/oembed?format=json&url=${encodeURIComponent(`${site}/show/${address}`)}`;
    response.setHeader('Link', `<${about}>; rel="alternate"; type="application/json+oembed"`);
    // Where it goes, no other page is told the address that opens it.
    response.setHeader('Referrer-Policy', 'no-referrer');
    isListed(address)
      .catch(() => false)
      .then((listed) => {
        if (!listed || page === 'embed') response.setHeader('X-Robots-Tag', 'noindex, nofollow');
        next();
      })
      .catch(next);
  };
}

function mayBeFramed(response: Response): void {
  const policy = String(response.getHeader('Content-Security-Policy'));
  response.setHeader('Content-Security-Policy', policy.replace("frame-ancestors 'none'", 'frame-ancestors *'));
  response.removeHeader('X-Frame-Options');
}

/** Lets a page have frames of this server, by whatever name it is reached on its own machine. */
function mayFrameItself(request: Request, response: Response): void {
  const port = /:\d+$/.exec(request.headers.host ?? '')?.[0] ?? '';
  const names = ["'self'", `http://127.0.0.1${port}`, `http://localhost${port}`];
  const policy = String(response.getHeader('Content-Security-Policy'));
  response.setHeader('Content-Security-Policy', `${policy};frame-src ${names.join(' ')}`);
}
