/** Serves the collection of stickers: open pictures that come along, one SVG file each, and which of them there are. */
import { readdirSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname } from 'node:path';
import express, { type RequestHandler } from 'express';

/** Where the pictures are: a package without code, so it is found by its package.json. */
const folder = dirname(createRequire(import.meta.url).resolve('@twemoji/svg/package.json'));

/** Handlers for `/stickers/index.json` (the names, without `.svg`) and `/stickers/<name>.svg`. */
export function stickers(): RequestHandler {
  const router = express.Router();
  const names = readdirSync(folder).flatMap((file) => (file.endsWith('.svg') ? [file.slice(0, -'.svg'.length)] : []));
  router.get('/index.json', (_request, response) => {
    response.set('Cache-Control', 'public, max-age=3600').json(names);
  });
  router.use(
    express.static(folder, {
      index: false,
      extensions: [],
      setHeaders: (response) => {
        response.setHeader('Cache-Control', 'public, max-age=31536000, immutable');
        response.setHeader('Content-Security-Policy', "default-src 'none'; style-src 'unsafe-inline'; sandbox");
      },
    }),
  );
  return router;
}
