/** The order of lists, in the reader's language. */
import { locale } from '@gobrel/messages';

const collator = new Intl.Collator(locale, { numeric: true });

/** Compares two texts as they stand in a list: numbers by what they are worth, letters where the language has them. */
export function inOrder(a: string, b: string): number {
  return collator.compare(a, b);
}

/** People by their names, as a register has them. */
export function byName<T extends { readonly name: string }>(people: readonly T[]): readonly T[] {
  return [...people].sort((a, b) => inOrder(a.name, b.name));
}
