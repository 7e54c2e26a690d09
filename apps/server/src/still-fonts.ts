/**
 * Serves fonts of the web application at one weight, as TrueType: files for paper take no font that can be varied, and
 * the security policy of pages allows nobody there to make one of it. Each is made once and kept.
 */
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import express, { type RequestHandler } from 'express';
import subsetFont from 'subset-font';
import { builtLanguages } from './languages.js';

const WEIGHTS = ['100', '200', '300', '400', '500', '600', '700', '800', '900'];
const NAME = /^[\w-]+\.woff2$/;
/** Fonts that can be varied say so in their names. */
const VARIED = /-wght-/;
/** Stretches of Unicode that fonts of slides may have: all of a font's letters are kept. */
const STRETCHES = [
  [0x20, 0xd7ff],
  [0xe000, 0xffff],
  [0x1d400, 0x1faff],
] as const;

/** Handlers for `/<weight>/<name>.woff2`, by the names that files have in `folder` of the built web application. */
export function stillFonts(folder: string): RequestHandler {
  const folders = builtLanguages(folder).map((built) => join(built.folder, 'assets'));
  const made = new Map<string, Promise<Buffer>>();
  const router = express.Router();
  router.get('/:weight/:name', (request, response, next) => {
    const { weight, name } = request.params;
    const found = NAME.test(name) && WEIGHTS.includes(weight) && folders.find((each) => existsSync(join(each, name)));
    if (!found) return next();
    const key = `${weight} ${name}`;
    const font = made.get(key) ?? stilled(join(found, name), Number(weight));
    made.set(key, font);
    font
      .then((bytes) => {
        response.set('Cache-Control', 'public, max-age=31536000, immutable').type('font/ttf').send(bytes);
      })
      .catch((error: unknown) => {
        made.delete(key);
        next(error);
      });
  });
  return router;
}

let everyLetter: string | null = null;

function stilled(path: string, weight: number): Promise<Buffer> {
  everyLetter ??= STRETCHES.flatMap(([first, last]) =>
    Array.from({ length: last - first + 1 }, (_, at) => String.fromCodePoint(first + at)),
  ).join('');
  const axes = VARIED.test(path) ? { variationAxes: { wght: weight } } : {};
  return subsetFont(readFileSync(path), everyLetter, { targetFormat: 'truetype', ...axes });
}
