/** Comparing typed words with accepted ones, as forgivingly as the question's author wants. */
import type { WordCare } from '../deck/index.js';

/** Case and accents as most questions want them: case does not matter, accents do, nothing may be misspelt. */
export const USUAL_CARE: WordCare = { slips: 0, caseMatters: false, accentsMatter: true, patterns: false };

/** The marks that stand on a letter once it is taken apart, not signs such as `^` that are typed by themselves. */
const ACCENTS = /(?=\p{Mark})\p{Diacritic}/gu;

/**
 * Letters compared without regard to outer spaces, runs of spaces, straight or curly marks, and what does not matter.
 * What is comparable already comes back as it is.
 */
export function comparable(words: string, care: WordCare = USUAL_CARE): string {
  const cased = care.caseMatters ? words : words.toLowerCase();
  const lettered = care.accentsMatter ? cased : cased.normalize('NFD').replace(ACCENTS, '');
  return lettered.normalize('NFC').replace(/[‘’ʼ]/g, "'").replace(/[“”]/g, '"').trim().replace(/\s+/g, ' ');
}

/** How typed words compare with accepted ones: the same, nearly so with some slips, or neither. */
export type Likeness =
  { readonly is: 'same' } | { readonly is: 'nearly'; readonly accepted: string } | { readonly is: 'other' };

/**
 * Compares typed words with all accepted ones. A pattern is matched as it is, without slips; no slip is taken in a figure,
 * nor one by which the words are others that were to choose from.
 * @param listed the words there are to choose from; none where they are free
 */
export function likenessTo(
  typed: string,
  accepted: readonly string[],
  care: WordCare = USUAL_CARE,
  listed: readonly string[] = [],
): Likeness {
  const wanted = comparable(typed, care);
  const compared = accepted.map((words) => ({ words, plain: comparable(words, care) }));
  if (compared.some(({ plain }) => plain === wanted || (care.patterns && fitsPattern(wanted, plain))))
    return { is: 'same' };
  if (listed.some((words) => comparable(words, care) === wanted)) return { is: 'other' };
  const near = compared.find(({ plain }) => {
    if (care.patterns && /[*?]/.test(plain)) return false;
    if (figuresIn(plain) !== figuresIn(wanted)) return false;
    return slipsBetween(wanted, plain, slipsIn(plain, care.slips)) !== null;
  });
  return near ? { is: 'nearly', accepted: near.words } : { is: 'other' };
}

/** Whether typed words are among the accepted ones. */
export function isAccepted(
  typed: string,
  accepted: readonly string[],
  care: WordCare = USUAL_CARE,
  listed: readonly string[] = [],
): boolean {
  return likenessTo(typed, accepted, care, listed).is !== 'other';
}

/** The figures in some words, in their order: 1789 and 1798 are two years, not a slip. */
function figuresIn(words: string): string {
  return (words.match(/\p{N}+/gu) ?? []).join(' ');
}

/** Short words leave less room for slips: one in three letters at the most. */
function slipsIn(words: string, allowed: number): number {
  return Math.min(allowed, Math.floor([...words].length / 3));
}

/**
 * How many letters are wrong, missing, too many or swapped with their neighbour between two words; `null` when more
 * than `most`. Optimal string alignment distance (Damerau 1964, Wagner and Fischer 1974) in a band around the diagonal;
 * costs letters × `most`.
 */
export function slipsBetween(one: string, other: string, most: number): number | null {
  const [a, b] = [[...one], [...other]];
  if (Math.abs(a.length - b.length) > most) return null;
  let before: number[] = [];
  let last: number[] = b.reduce((row, _, at) => [...row, at + 1], [0]).map((far) => (far > most ? most + 1 : far));
  for (let row = 1; row <= a.length; row += 1) {
    const present = new Array<number>(b.length + 1).fill(most + 1);
    if (row <= most) present[0] = row;
    let least = present[0] ?? row;
    for (let at = Math.max(1, row - most); at <= Math.min(b.length, row + most); at += 1) {
      const same = a[row - 1] === b[at - 1];
      let cost = Math.min(far(last, at - 1) + (same ? 0 : 1), far(last, at) + 1, far(present, at - 1) + 1);
      if (row > 1 && at > 1 && a[row - 1] === b[at - 2] && a[row - 2] === b[at - 1])
        cost = Math.min(cost, far(before, at - 2) + 1);
      present[at] = cost;
      least = Math.min(least, cost);
    }
    if (least > most) return null;
    [before, last] = [last, present];
  }
  const slips = far(last, b.length);
  return slips > most ? null : slips;
}

function far(row: readonly number[], at: number): number {
  return row[at] ?? Infinity;
}

/** Whether words fit a pattern in which `*` stands for any letters and `?` for one; costs words × pattern at most. */
function fitsPattern(words: string, pattern: string): boolean {
  const [letters, signs] = [[...words], [...pattern]];
  let [letter, sign] = [0, 0];
  let back: { readonly sign: number; readonly letter: number } | null = null;
  while (letter < letters.length) {
    if (signs[sign] === '*') {
      back = { sign, letter };
      sign += 1;
    } else if (sign < signs.length && (signs[sign] === '?' || signs[sign] === letters[letter])) {
      sign += 1;
      letter += 1;
    } else if (back) {
      back = { sign: back.sign, letter: back.letter + 1 };
      [sign, letter] = [back.sign + 1, back.letter];
    } else {
      return false;
    }
  }
  return signs.slice(sign).every((each) => each === '*');
}
