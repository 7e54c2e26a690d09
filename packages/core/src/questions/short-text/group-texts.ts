/** Short texts of many students, similar ones together. */
import { comparable, slipsBetween } from '../accepted-words.js';

/** Texts that say the same, or nearly. */
export interface TextGroup {
  /** The writing that was used most. */
  readonly text: string;
  readonly count: number;
  /** Every other writing, with how often it was used. */
  readonly others: readonly { readonly text: string; readonly count: number }[];
}

/** Letters of a text that are compared. */
const COMPARED = 200;
/** One letter in so many may differ within a group. */
const LETTERS_A_SLIP = 6;

/**
 * Groups texts: the same words in any order, case, accents and marks are one; then each joins the largest group whose
 * words differ from its own by one letter in six at the most. Does not depend on the order of the texts. The largest
 * group first. Costs groups × writings comparisons, most of which end at their lengths.
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

/** The words of a text in the order of the alphabet; of a text without words (emoji, signs), the text itself. */
function gist(text: string): string {
  const plain = comparable(text.slice(0, COMPARED), {
    slips: 0,
    caseMatters: false,
    accentsMatter: false,
    patterns: false,
  });
  const words = plain.match(/[\p{L}\p{N}]+/gu);
  return words ? [...words].sort().join(' ') : plain;
}

function isNear(one: string, other: string): boolean {
  const most = Math.floor(Math.min(one.length, other.length) / LETTERS_A_SLIP);
  return most > 0 && slipsBetween(one, other, most) !== null;
}
