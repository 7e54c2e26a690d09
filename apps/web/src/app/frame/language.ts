/** The language of the interface: chosen for a device, and by teachers for their account. */
import { language, languages } from '../../shared/messages';

/** How long a choice is kept on a device, in seconds. */
const A_YEAR = 365 * 24 * 60 * 60;
/** Where it is kept that a page was asked for in another language, so that it is asked for once. */
const ASKED = 'gobrel language asked for';

/** Gets the page in a language: the server sends it so, as a page of another language is another page. */
export function speak(chosen: string): void {
  document.cookie = `language=${chosen}; path=/; max-age=${A_YEAR}; samesite=lax`;
  window.location.reload();
}

/**
 * Gets the page in the language of somebody's account where it is in another one. Once only: a server that has no such
 * language would be asked for ever.
 */
export function speakAsAccount(wanted: string | null): void {
  if (wanted === null || wanted === language || !languages.some((each) => each.language === wanted)) return;
  if (sessionStorage.getItem(ASKED) === wanted) return;
  sessionStorage.setItem(ASKED, wanted);
  speak(wanted);
}
