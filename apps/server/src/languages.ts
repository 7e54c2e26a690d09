/** Which language a page is sent in: what was chosen on this device, else the first that its browser wants and we have. */
import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Request } from 'express';

/** The cookie in which the page keeps what somebody chose. */
const COOKIE = /(?:^|;\s*)language=([a-z-]{2,12})(?:;|$)/;

/** The language that the application itself is built in; others are in folders within. */
export const FIRST_LANGUAGE = 'en';

/** A language and the folder of the application built in it. */
export interface BuiltLanguage {
  readonly language: string;
  readonly folder: string;
}

/** All languages that an application was built in, the first one first. */
export function builtLanguages(folder: string): readonly [BuiltLanguage, ...BuiltLanguage[]] {
  const within = join(folder, 'languages');
  const others = existsSync(within) ? readdirSync(within).sort() : [];
  return [
    { language: FIRST_LANGUAGE, folder },
    ...others.map((language) => ({ language, folder: join(within, language) })),
  ];
}

/** The language for a request, one of those that are there. */
export function languageFor(request: Request, languages: readonly string[]): string {
  const chosen = COOKIE.exec(request.headers.cookie ?? '')?.[1];
  if (chosen !== undefined && languages.includes(chosen)) return chosen;
  return request.acceptsLanguages([...languages]) || FIRST_LANGUAGE;
}
