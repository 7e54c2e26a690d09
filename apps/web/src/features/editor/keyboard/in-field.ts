/** Whether a key or a paste is meant for a field, a dialog or a menu, and not for the slide. */
import { isWithin } from '../../../shared/ui';
export function isInField(event: Event): boolean {
  const fields = 'input, textarea, select, [contenteditable="true"], [role="dialog"], [role="menu"]';
  return isWithin(event.target, fields);
}
