/** What the tab of the deck check is called. */
import { messages } from '../../../shared/messages';

/** More than this many findings are not counted there: the tab has room for two digits. */
const MOST_COUNTED = 99;

/** @param findings how many there are in the deck */
export function nameOfCheck(findings: number): string {
  if (findings === 0) return messages.checks.tab;
  return messages.checks.tabCount({ count: findings > MOST_COUNTED ? `${MOST_COUNTED}+` : findings });
}
