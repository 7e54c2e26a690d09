/** Whether a key or a paste is meant for a field, a dialog or a menu, and not for the slide. */
export function isInField(event: Event): boolean {
  const fields = 'input, textarea, select, [contenteditable="true"], [role="dialog"], [role="menu"]';
  return event.target instanceof Element && event.target.closest(fields) !== null;
}
