/** What the pages beside a platform say, in the languages there are. */
import * as english from '@gobrel/messages/compiled/en/platform-pages.js';
import * as spanish from '@gobrel/messages/compiled/es/platform-pages.js';

type PlatformTexts = typeof english;

const texts: Readonly<Record<string, PlatformTexts>> = { en: english, es: spanish };

/** The languages that they are written in. */
export const PLATFORM_LANGUAGES = Object.keys(texts);

/** The texts in a language; in English where it is none of ours. */
export function platformTexts(language: string): PlatformTexts {
  return texts[language] ?? english;
}
