/** Short texts of many students, similar ones together. */
import { comparable, slipsBetween } from '../accepted-words.js';

/** Texts that say the same, or nearly. */
export interface TextGroup {
  /** The writing that was used most. */
  readonly text: string;
  /** How many students wrote that, in whichever writing. */
  readonly count: number;
  /** Every other writing, with how often it was used. */
  readonly others: readonly { readonly text: string; readonly count: number }[];
}

/** Letters of a text that are compared. */
const COMPARED = 200;
/** One letter in so many may be a slip, in words of so many letters at the least. */
const LETTERS_A_SLIP = 6;
const LEAST_LETTERS = 4;

/**
 * Groups texts: the same words in the same order are one, whatever their case, accents and marks; so are the same parts of
 * a list, in any order. Then each joins the largest group whose words are its own but for slips in spelling. Does not
 * depend on the order of the texts. The largest group first. Costs groups × writings comparisons, most of which end at
 * their lengths.
 */
export function groupTexts(texts: readonly string[]): readonly TextGroup[] {
  const writings = new Map<string, number>();
  for (const text of texts) {
    const trimmed = text.trim().replace(/\s+/g, ' ');
    if (trimmed !== '') writings.set(trimmed, (writings.get(trimmed) ?? 0) + 1);
  }
  const alike = new Map<string, Writing[]>();
  for (const [text, count] of writings) {
    const key = gist(text);
    alike.set(key, [...(alike.get(key) ?? []), { text, count }]);
  }
  const sorted = [...alike]
    .map(([key, same]) => ({ key, same, count: countOf(same) }))
    .sort((a, b) => b.count - a.count || (a.key < b.key ? -1 : 1));
  const groups: { readonly key: string; readonly writings: Writing[] }[] = [];
  for (const { key, same } of sorted) {
    const group = groups.find((one) => isNear(one.key, key));
    if (group) group.writings.push(...same);
    else groups.push({ key, writings: [...same] });
  }
  return groups
    .map(({ writings: all }) => finished(all))
    .sort((a, b) => b.count - a.count || (a.text < b.text ? -1 : 1));
}

interface Writing {
  readonly text: string;
  readonly count: number;
}

function countOf(writings: readonly Writing[]): number {
  return writings.reduce((sum, { count }) => sum + count, 0);
}

function finished(writings: readonly Writing[]): TextGroup {
  const sorted = [...writings].sort((a, b) => b.count - a.count || (a.text < b.text ? -1 : 1));
  const [first, ...others] = sorted;
  return { text: first?.text ?? '', count: countOf(sorted), others };
}

/** What stands between the parts of a list. */
const BETWEEN = /\s*(?:[,;/&+]|\band\b|\bund\b|\bet\b|\by\b)\s*/;
/** A word, or a number with its sign. */
const WORD = /[-−]?\p{N}[\p{N}.,]*|[\p{L}\p{N}\p{M}]+/gu;

/** The words of a text; the parts of a list are in the order of the alphabet. Of signs alone, the text itself. */
function gist(text: string): string {
  const plain = comparable(text.slice(0, COMPARED), {
    slips: 0,
    caseMatters: false,
    accentsMatter: false,
    patterns: false,
  });
  const parts = plain.split(BETWEEN).map((part) => (part.replace(/−/g, '-').match(WORD) ?? []).join(' '));
  const said = parts.filter((part) => part !== '').sort();
  return said.length > 0 ? said.join(', ') : plain;
}

/**
 * Whether texts are the same but for slips. A slip is within a word: figures, the number of words and their first letters
 * stay, as by those another thing is meant.
 */
function isNear(one: string, other: string): boolean {
  const [a, b] = [one.split(' '), other.split(' ')];
  if (a.length !== b.length) return false;
  let left = Math.floor(Math.min(one.length, other.length) / LETTERS_A_SLIP);
  return a.every((word, at) => {
    const slips = slipsIn(word, b[at] ?? '');
    left -= slips ?? left + 1;
    return left >= 0;
  });
}

/** Slips between two words; `null` when they are other words. Words of a few letters are too easily another one. */
function slipsIn(one: string, other: string): number | null {
  if (one === other) return 0;
  if (/\p{N}/u.test(one + other) || [...one][0] !== [...other][0]) return null;
  const shorter = Math.min(one.length, other.length);
  return shorter < LEAST_LETTERS ? null : slipsBetween(one, other, Math.ceil(shorter / LETTERS_A_SLIP));
}
