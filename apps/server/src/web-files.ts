/** Serves the built web application: hashed files for a year, the page itself always fresh and in the reader's language. */
import { join } from 'node:path';
import type { NextFunction, Request, RequestHandler, Response } from 'express';
import expressStaticGzip from 'express-static-gzip';
import { builtLanguages, FIRST_LANGUAGE, languageFor } from './languages.js';
import { readPreloads } from './preloads.js';

/** Scripts of workers have a security policy of their own, as pages do. */
const WORKER = /worker[^/]*$/;

/** Headers that say nothing about a script, a style sheet or a font of a page. */
const OF_DOCUMENTS = [
  'Content-Security-Policy',
  'Cross-Origin-Opener-Policy',
  'Origin-Agent-Cluster',
  'Referrer-Policy',
  'X-DNS-Prefetch-Control',
  'X-Download-Options',
  'X-Frame-Options',
  'X-Permitted-Cross-Domain-Policies',
  'X-XSS-Protection',
] as const;

/** Handlers that serve `folder` with all its languages, and its page for every address that is a screen. */
export function webFiles(folder: string): RequestHandler[] {
  const built = builtLanguages(folder);
  const languages = built.map(({ language }) => language);
  const pages = new Map(built.map((each) => [each.language, readPreloads(each.folder)]));
  const pageIn = (language: string, path: string) => (pages.get(language) ?? pages.get(FIRST_LANGUAGE))?.(path);
  const page = (request: Request, response: Response, next: NextFunction) => {
    const isScreen = request.method === 'GET' && !/^\/(api|sync|assets)(\/|$)/.test(request.path);
    if (!isScreen || request.accepts(['html', 'json']) !== 'html') return next();
    const language = languageFor(request, languages);
    response.setHeader('Cache-Control', 'no-cache');
    response.setHeader('Content-Language', language);
    response.vary('Accept-Language').vary('Cookie');
    response.type('html').send(pageIn(language, request.path));
  };
  return [...built.map((each) => filesOf(each.folder)), page];
}

/** Serves the files of one folder. */
function filesOf(folder: string): RequestHandler {
  return expressStaticGzip(folder, {
    index: false,
    // Packed when the application was built; for the few browsers that cannot read that they are packed anew.
    enableBrotli: true,
    orderPreference: ['br'],
    serveStatic: {
      setHeaders: (response, path) => {
        const hashed = path.includes(`${join(folder, 'assets')}`);
        response.setHeader('Cache-Control', hashed ? 'public, max-age=31536000, immutable' : 'no-cache');
        // A page asks for some forty of them: what only documents and workers go by would be a tenth of its bytes.
        if (hashed && !WORKER.test(path)) OF_DOCUMENTS.forEach((name) => response.removeHeader(name));
      },
    },
  });
}
