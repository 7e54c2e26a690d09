/** The languages that decks and texts are in: for spelling, breaking words at line ends, and reading aloud. */

/** A language as pages name it (BCP 47), such as `en-GB`. */
export type Language = string;

/** The longest name of a language that is read. */
const LONGEST = 35;
const WELL_FORMED = /^[a-z]{2,3}(?:-[A-Za-z0-9]{2,8})*$/;

/** The languages that are offered. Others are kept where a deck has them. */
export const offeredLanguages: readonly Language[] = [
  'ar',
  'bg',
  'bn',
  'ca',
  'cs',
  'cy',
  'da',
  'de',
  'el',
  'en-GB',
  'en-US',
  'es',
  'et',
  'eu',
  'fa',
  'fi',
  'fr',
  'ga',
  'gl',
  'he',
  'hi',
  'hr',
  'hu',
  'is',
  'it',
  'ja',
  'ko',
  'la',
  'lt',
  'lv',
  'mt',
  'nb',
  'nl',
  'pl',
  'pt',
  'ro',
  'ru',
  'sk',
  'sl',
  'sv',
  'tr',
  'uk',
  'ur',
  'vi',
  'zh-Hans',
  'zh-Hant',
];

/** Scripts and languages that are written from right to left. */
const fromRight = /^(?:ar|fa|he|ur|ps|ug|yi|dv|syr)(?:-|$)|-(?:Arab|Hebr)(?:-|$)/;

/** A language from untrusted JSON; `null` for what is none. */
export function readLanguage(value: unknown): Language | null {
  return typeof value === 'string' && value.length <= LONGEST && WELL_FORMED.test(value) ? value : null;
}

/** The way in which a language is written. */
export function directionOf(language: Language): 'ltr' | 'rtl' {
  return fromRight.test(language) ? 'rtl' : 'ltr';
}
