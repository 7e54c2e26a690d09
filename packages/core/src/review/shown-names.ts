/** How students are named on pages that others than their class look at. */

/** As on the register, with the first letter of the last name, or by a number. */
export const nameForms = ['shown', 'shortened', 'hidden'] as const;
export type NameForm = (typeof nameForms)[number];

/** A name in a form. @param place counted from 1, for one that is hidden */
export function shownName(name: string, form: NameForm, place: number): string {
  if (form === 'shown') return name;
  if (form === 'hidden') return String(place);
  const [first = '', ...others] = name.trim().split(/\s+/u);
  const initial = [...(others.at(-1) ?? '')][0];
  return initial === undefined ? first : `${first} ${initial}.`;
}
