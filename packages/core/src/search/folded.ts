/** Texts compared as people look for them: without case, accents and more than one space. */

/** A text in the form in which it is looked for. A letter may become several or none (ß, combining marks). */
export function folded(text: string): string {
  return text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().replace(/ß/g, 'ss').replace(/\s+/g, ' ').trim();
}

/** The words that are looked for, each folded and once; none of an empty text. */
export function searchWords(sought: string): readonly string[] {
  return [...new Set(folded(sought).split(' '))].filter((word) => word !== '');
}
