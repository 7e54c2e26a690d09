/**
 * The difference of two lists of texts: which of the first stay, and what comes in the place of the others. By their
 * longest common subsequence (Wagner and Fischer 1974), after what both begin and end with; quadratic in what is left.
 */

/** A stretch of a difference, in order: one text that stays, or some that others come in the place of. */
export type Hunk =
  | { readonly type: 'same'; readonly before: number; readonly fresh: number }
  | {
      readonly type: 'other';
      /** The stretch of the first list, its end not included; may be empty. */
      readonly from: number;
      readonly to: number;
      readonly freshFrom: number;
      readonly freshTo: number;
    };

/** Beyond so many pairs nothing is looked for in the middle: it is taken as replaced in turn. */
const MOST_PAIRS = 1_000_000;

/** The difference of two lists. Every place of both is in exactly one hunk. */
export function differenceOf(before: readonly string[], fresh: readonly string[]): readonly Hunk[] {
  let start = 0;
  const shorter = Math.min(before.length, fresh.length);
  while (start < shorter && before[start] === fresh[start]) start += 1;
  let end = 0;
  while (end < shorter - start && before.at(-1 - end) === fresh.at(-1 - end)) end += 1;
  const pairs = commonIn(before.slice(start, before.length - end), fresh.slice(start, fresh.length - end)).map(
    ([a, b]) => [a + start, b + start] as const,
  );
  const same = [
    ...Array.from({ length: start }, (_none, at) => [at, at] as const),
    ...pairs,
    ...Array.from({ length: end }, (_none, at) => [before.length - end + at, fresh.length - end + at] as const),
  ];
  const hunks: Hunk[] = [];
  let [from, freshFrom] = [0, 0];
  for (const [to, freshTo] of [...same, [before.length, fresh.length] as const]) {
    if (to > from || freshTo > freshFrom) hunks.push({ type: 'other', from, to, freshFrom, freshTo });
    if (to < before.length || freshTo < fresh.length) hunks.push({ type: 'same', before: to, fresh: freshTo });
    [from, freshFrom] = [to + 1, freshTo + 1];
  }
  return hunks;
}

/** The places of a longest common subsequence, in both lists. */
function commonIn(before: readonly string[], fresh: readonly string[]): readonly (readonly [number, number])[] {
  if (before.length === 0 || fresh.length === 0 || before.length * fresh.length > MOST_PAIRS) return [];
  const width = fresh.length + 1;
  const lengths = new Uint32Array((before.length + 1) * width);
  const at = (a: number, b: number) => lengths[a * width + b] ?? 0;
  for (let a = before.length - 1; a >= 0; a -= 1)
    for (let b = fresh.length - 1; b >= 0; b -= 1)
      lengths[a * width + b] = before[a] === fresh[b] ? at(a + 1, b + 1) + 1 : Math.max(at(a + 1, b), at(a, b + 1));
  const found: (readonly [number, number])[] = [];
  for (let a = 0, b = 0; a < before.length && b < fresh.length;) {
    if (before[a] === fresh[b]) {
      found.push([a, b]);
      a += 1;
      b += 1;
    } else if (at(a + 1, b) >= at(a, b + 1)) a += 1;
    else b += 1;
  }
  return found;
}
