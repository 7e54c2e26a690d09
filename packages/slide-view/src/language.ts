/** What a language comes to in a page. */
import { directionOf, type Language } from '@gobrel/core/deck';

/** The attributes of what is in a language; none for what is read as the page around it. */
export function inLanguage(language: Language | null): { readonly lang?: string; readonly dir?: 'ltr' | 'rtl' } {
  return language === null ? {} : { lang: language, dir: directionOf(language) };
}
