/** Answering with a stored file: a sound to be played, or one to be saved. Nothing of it is shown by the browser. */
import type { Response } from 'express';
import type { StoredFileRow } from '../database/index.js';

/** A year: what is stored under its hash never changes. */
const FOR_GOOD = 365 * 24 * 60 * 60;

/** @param seconds for how long the browser keeps it */
export function sendFile(response: Response, { soundType, bytes }: StoredFileRow, seconds = FOR_GOOD): void {
  response
    .set({
      'Content-Type': soundType ?? 'application/octet-stream',
      'Cache-Control': `private, max-age=${String(seconds)}, immutable`,
      'Content-Security-Policy': "default-src 'none'; sandbox",
      ...(soundType ? {} : { 'Content-Disposition': 'attachment' }),
    })
    .send(bytes);
}
