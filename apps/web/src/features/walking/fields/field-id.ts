/** The fields below a slide, found from what is pressed on it. */

/** The id of the element that holds the field of an item or a piece. */
export const fieldId = (id: string) => `field-${id}`;

/** Brings the field of an item or a piece into sight and puts the focus into it. */
export function goToField(id: string): void {
  const field = document.getElementById(fieldId(id));
  if (!field) return;
  field.scrollIntoView({ block: 'center' });
  const inIt = 'input:not([disabled]), textarea, select, button, [tabindex="0"]';
  const target = field.matches('button') ? field : field.querySelector<HTMLElement>(inIt);
  target?.focus({ preventScroll: true });
}
