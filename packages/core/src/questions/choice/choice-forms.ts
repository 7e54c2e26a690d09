/** Forms of choice questions that every teacher knows: choosing one sets its choices. */
import type { Choice, ChoiceForm, ChoiceItem } from '../../deck/index.js';

/** The words of the choices of each form, given by the application's catalogue. */
export type FormWords = Readonly<Record<Exclude<ChoiceForm, 'own'>, readonly string[]>>;

/** What changes when a question takes a form. Back to choices of one's own, the present ones stay to be edited. */
export function withForm(
  item: ChoiceItem,
  form: ChoiceForm,
  words: FormWords,
): Pick<ChoiceItem, 'form' | 'choices' | 'right' | 'several' | 'shuffled'> {
  const { choices, right, several, shuffled } = item;
  if (form === 'own' || form === item.form) return { form, choices, right, several, shuffled };
  const next: readonly Choice[] = words[form].map((text, at) => ({ id: `${form}-${at + 1}`, text }));
  // A scale asks for an opinion: nothing on it is right.
  return { form, choices: next, right: form === 'scale' ? [] : [`${form}-1`], several: false, shuffled: false };
}
