/**
 * Formulas among words. They are typed in TeX between `\(` and `\)`, or `\[` and `\]` for one that stands by itself: as
 * TeX itself tells them from words (D. Knuth and L. Lamport). So every text of a deck can have some, and stays a text.
 */

/** The most letters a formula may have, its signs at both ends with it. */
export const LONGEST_FORMULA = 600;

const FORMULA = /\\\((.+?)\\\)|\\\[(.+?)\\\]/gs;

/** A part of a text: letters, or a formula as it is typed, with the signs at its ends. */
export type FormulaPart = { readonly is: 'words'; readonly text: string } | TypedFormula;

/** A formula as it is typed. */
export interface TypedFormula {
  readonly is: 'formula';
  /** With the signs at its ends: what tells it from others. */
  readonly source: string;
  /** Its TeX alone. */
  readonly tex: string;
  /** Whether it stands by itself, and is drawn larger. */
  readonly byItself: boolean;
}

/** A text as words and formulas, in reading order; one part for a text without any. Joined, the parts are the text. */
export function formulaParts(text: string): readonly FormulaPart[] {
  if (!text.includes('\\(') && !text.includes('\\[')) return [{ is: 'words', text }];
  const parts: FormulaPart[] = [];
  let past = 0;
  for (const match of text.matchAll(FORMULA)) {
    const [source, inLine, alone] = match;
    const tex = (inLine ?? alone ?? '').trim();
    if (source.length > LONGEST_FORMULA || tex === '') continue;
    if (match.index > past) parts.push({ is: 'words', text: text.slice(past, match.index) });
    parts.push({ is: 'formula', source, tex, byItself: alone !== undefined });
    past = match.index + source.length;
  }
  if (past < text.length || parts.length === 0) parts.push({ is: 'words', text: text.slice(past) });
  return parts;
}

/** A formula where it stands in a text: from its first sign to behind its last one. */
export interface PlacedFormula {
  readonly typed: TypedFormula;
  readonly from: number;
  readonly to: number;
}

/** The formulas of a text, in reading order. */
export function placedFormulas(text: string): readonly PlacedFormula[] {
  let at = 0;
  return formulaParts(text).flatMap((part): PlacedFormula[] => {
    const from = at;
    at += part.is === 'words' ? part.text.length : part.source.length;
    return part.is === 'words' ? [] : [{ typed: part, from, to: at }];
  });
}

/** A formula as it is typed among words. */
export function typedFormula(tex: string, byItself: boolean): string {
  return byItself ? `\\[${tex.trim()}\\]` : `\\(${tex.trim()}\\)`;
}
