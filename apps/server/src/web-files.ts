/** Serves the built web application: hashed files for a year, the page itself always fresh. */
import { join } from 'node:path';
import type { NextFunction, Request, RequestHandler, Response } from 'express';
import expressStaticGzip from 'express-static-gzip';
import { readPreloads } from './preloads.js';

/** Handlers that serve `folder`, and its page for every address that is a screen. */
export function webFiles(folder: string): RequestHandler[] {
  const files = expressStaticGzip(folder, {
    index: false,
    // Packed when the application was built; for the few browsers that cannot read that they are packed anew.
    enableBrotli: true,
    orderPreference: ['br'],
    serveStatic: {
      setHeaders: (response, path) => {
        const hashed = path.includes(`${join(folder, 'assets')}`);
        response.setHeader('Cache-Control', hashed ? 'public, max-age=31536000, immutable' : 'no-cache');
      },
    },
  });
  const pageFor = readPreloads(folder);
  const page = (request: Request, response: Response, next: NextFunction) => {
    const isScreen = request.method === 'GET' && !/^\/(api|sync|assets)(\/|$)/.test(request.path);
    if (!isScreen || request.accepts(['html', 'json']) !== 'html') return next();
    response.setHeader('Cache-Control', 'no-cache');
    response.type('html').send(pageFor(request.path));
  };
  return [files, page];
}
