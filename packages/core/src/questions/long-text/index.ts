/** Long-text questions: read by a person, with the words counted. */
import type { LongTextItem } from '../../deck/index.js';
import { noKey, type QuestionKind } from '../question-kind.js';
import { READ_BY_PERSON } from '../rule.js';
import { wordsGiven } from '../words-given.js';

/** How many words a text has: runs of letters and digits, with apostrophes and hyphens inside them. */
export function countWords(text: string): number {
  return text.match(/[\p{L}\p{N}]+(?:['’‑-][\p{L}\p{N}]+)*/gu)?.length ?? 0;
}

/** Whether a text is as long as wanted, or by how many words it is too short or too long. */
export function lengthOf(
  item: LongTextItem,
  text: string,
): { readonly words: number; readonly missing: number; readonly over: number } {
  const words = countWords(text);
  const missing = Math.max(0, item.leastWords - words);
  return { words, missing, over: item.mostWords > 0 ? Math.max(0, words - item.mostWords) : 0 };
}

export const longTextQuestion: QuestionKind<'long-text'> = {
  mark: () => null,
  isRead: () => true,
  rule: () => READ_BY_PERSON,
  given: (item, work) => wordsGiven(work, item.id),
  ...noKey,
};
