/** What mails say, in the languages there are. */
import * as english from '@gobrel/messages/compiled/en/mails.js';
import * as spanish from '@gobrel/messages/compiled/es/mails.js';

type MailTexts = typeof english;

const texts: Readonly<Record<string, MailTexts>> = { en: english, es: spanish };

/** The languages that mails are written in. */
export const MAIL_LANGUAGES = Object.keys(texts);

/** What mails say in a language; in English where it is none of ours. */
export function mailTexts(language: string | null): MailTexts {
  return texts[language ?? ''] ?? english;
}
