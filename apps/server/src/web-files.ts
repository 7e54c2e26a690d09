/** Serves the built web application: hashed files for a year, the page itself always fresh. */
import { join } from 'node:path';
import express, { type NextFunction, type Request, type RequestHandler, type Response } from 'express';

/** Handlers that serve `folder`, and its page for every address that is a screen. */
export function webFiles(folder: string): RequestHandler[] {
  const files = express.static(folder, {
    index: false,
    setHeaders: (response, path) => {
      const hashed = path.includes(`${join(folder, 'assets')}`);
      response.setHeader('Cache-Control', hashed ? 'public, max-age=31536000, immutable' : 'no-cache');
    },
  });
  const page = (request: Request, response: Response, next: NextFunction) => {
    const isScreen = request.method === 'GET' && !/^\/(api|sync|assets)(\/|$)/.test(request.path);
    if (!isScreen || request.accepts(['html', 'json']) !== 'html') return next();
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(join(folder, 'index.html'));
  };
  return [files, page];
}
