/** What languages are called on the screens. */
import type { Language } from '@gobrel/core/deck';
import { locale } from '@gobrel/messages';

const names = new Intl.DisplayNames(locale, { type: 'language' });

/** A language in the reader's own, with a capital as it stands in lists; its code where it has no name. */
export function languageName(language: Language): string {
  const name = names.of(language) ?? language;
  return name.charAt(0).toLocaleUpperCase(locale) + name.slice(1);
}
