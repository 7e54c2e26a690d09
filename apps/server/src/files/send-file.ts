/**
 * Answering with a stored file, or the part of it that was asked for: a sound or a video to be played, or a file to be
 * saved. Nothing of it is shown by the browser as a page.
 */
import { pipeline } from 'node:stream/promises';
import type { Request, Response } from 'express';
import type { StoredFileRow } from '../database/index.js';
import type { FilesService } from './files.service.js';

/** A year: what is stored under its hash never changes. */
const FOR_GOOD = 365 * 24 * 60 * 60;

/** @param seconds for how long the browser keeps it */
export async function sendFile(
  request: Request,
  response: Response,
  files: FilesService,
  row: StoredFileRow,
  seconds = FOR_GOOD,
): Promise<void> {
  response.set({
    'Content-Type': row.mediaType ?? 'application/octet-stream',
    'Cache-Control': `private, max-age=${String(seconds)}, immutable, no-transform`,
    'Content-Security-Policy': "default-src 'none'; sandbox",
    'Accept-Ranges': 'bytes',
    ETag: `"${row.id}"`,
    ...(row.mediaType ? {} : { 'Content-Disposition': 'attachment' }),
  });
  if (request.fresh) return void response.status(304).end();
  const asked = request.range(row.size, { combine: true });
  if (asked === -1) {
    response
      .status(416)
      .set('Content-Range', `bytes */${String(row.size)}`)
      .end();
    return;
  }
  // Several ranges at once, and what is no range of bytes, get all of it, as RFC 9110 (14.2) allows.
  const range = Array.isArray(asked) && asked.type === 'bytes' && asked.length === 1 ? asked[0] : undefined;
  const [from, to] = range ? [range.start, range.end + 1] : [0, row.size];
  if (range) response.status(206).set('Content-Range', `bytes ${String(from)}-${String(to - 1)}/${String(row.size)}`);
  response.set('Content-Length', String(to - from));
  if (request.method === 'HEAD') return void response.end();
  // Whoever asked may have gone: nobody is there to be told.
  await pipeline(files.bytesOf(row, from, to), response).catch(() => undefined);
}
