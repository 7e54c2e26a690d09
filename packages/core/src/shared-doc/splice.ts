/** What changed between two texts, as one piece taken out and one put in; and what two hands did to the same text. */

/** A change of a text: at a place, in UTF-16 units, so many letters are taken out and others put in. */
export interface Splice {
  readonly at: number;
  readonly out: number;
  readonly put: string;
}

/** The smallest change that makes one text of another. No letter of two units is cut in half. */
export function spliceBetween(before: string, after: string): Splice {
  const shorter = Math.min(before.length, after.length);
  let start = 0;
  while (start < shorter && before[start] === after[start]) start += 1;
  if (isHalved(before, start) || isHalved(after, start)) start -= 1;
  let end = 0;
  while (end < shorter - start && before[before.length - 1 - end] === after[after.length - 1 - end]) end += 1;
  if (isHalved(before, before.length - end) || isHalved(after, after.length - end)) end -= 1;
  return { at: start, out: before.length - end - start, put: after.slice(start, after.length - end) };
}

/**
 * A change as it is to be made where somebody else has changed the same text meanwhile: everything either put in stays.
 * @returns splices to be made one after the other
 */
export function spliceAfter(mine: Splice, theirs: Splice): readonly Splice[] {
  const grown = theirs.put.length - theirs.out;
  const theirEnd = theirs.at + theirs.out;
  const mineEnd = mine.at + mine.out;
  // Of what is taken out, what the other has not taken out already: before their place, and behind it.
  const before = Math.max(0, Math.min(mineEnd, theirs.at) - mine.at);
  const behind = Math.max(0, mineEnd - Math.max(mine.at, theirEnd));
  const cuts = [
    { at: Math.max(mine.at, theirEnd) + grown, out: behind, put: '' },
    { at: mine.at, out: before, put: '' },
  ].filter(({ out }) => out > 0);
  const at = before > 0 ? mine.at : placeAfter(mine.at, theirs);
  return mine.put === '' ? cuts : [...cuts, { at, out: 0, put: mine.put }];
}

/** Where a place in a text comes to lie by a change of it. */
export function placeAfter(at: number, { at: from, out, put }: Splice): number {
  if (at <= from) return at;
  return at >= from + out ? at + put.length - out : from + put.length;
}

/** A text after a change. */
export function spliced(text: string, { at, out, put }: Splice): string {
  return text.slice(0, at) + put + text.slice(at + out);
}

/** Whether a place lies between the two units of one letter. */
function isHalved(text: string, at: number): boolean {
  const [before, after] = [text.charCodeAt(at - 1), text.charCodeAt(at)];
  return before >= 0xd800 && before < 0xdc00 && after >= 0xdc00 && after < 0xe000;
}
