/** Answering with a stored picture. */
import type { Response } from 'express';

/** A year: what is stored under its hash never changes. */
const FOR_GOOD = 365 * 24 * 60 * 60;

/** @param seconds for how long the browser keeps it */
export function sendPicture(response: Response, mediaType: string, bytes: Buffer, seconds = FOR_GOOD): void {
  response
    .set({
      'Content-Type': mediaType,
      'Cache-Control': `private, max-age=${String(seconds)}, immutable`,
      'Content-Security-Policy': "default-src 'none'; sandbox",
    })
    .send(bytes);
}
