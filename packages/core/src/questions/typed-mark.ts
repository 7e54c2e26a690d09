/** The mark for typed words against accepted ones: all points or none. */
import type { WordCare } from '../deck/index.js';
import { likenessTo } from './accepted-words.js';
import { emptyMark, type Mark, markOf } from './mark.js';

/** What is marked by accepted words. */
interface ByWords extends WordCare {
  readonly accepted: readonly string[];
  readonly points: number;
  /** Words to choose from; none where they are free. */
  readonly options?: readonly string[];
}

/** The mark for `typed`, or `null` when nothing is accepted because a person reads the answers. */
export function markTyped(typed: string, question: ByWords): Mark | null {
  const { accepted, points } = question;
  const wanted = accepted.filter((words) => words.trim() !== '');
  const [sample] = wanted;
  if (sample === undefined) return null;
  if (typed.trim() === '') return emptyMark(points, 'Nothing written.');
  const likeness = likenessTo(typed, wanted, question, question.options);
  if (likeness.is === 'same') return markOf(1, points, 'As accepted.');
  return likeness.is === 'nearly'
    ? markOf(1, points, `Taken for “${likeness.accepted}”.`)
    : markOf(0, points, `Accepted: ${sample}.`);
}

/** Whether a person reads typed words, as none are accepted. */
export function isReadForWords({ accepted }: Pick<ByWords, 'accepted'>): boolean {
  return accepted.every((words) => words.trim() === '');
}

/** How typed words are marked, in a sentence. */
export function ruleForWords(question: ByWords): string {
  if (isReadForWords(question)) return READ_BY_A_PERSON;
  const { slips, caseMatters, accentsMatter, patterns } = question;
  const strict = [caseMatters ? 'capitals' : '', accentsMatter ? 'accents' : ''].filter(Boolean).join(' and ');
  const parts = [
    slips > 0 ? `up to ${slips} ${slips === 1 ? 'slip' : 'slips'} in spelling` : '',
    patterns ? '* and ? standing for letters' : '',
  ].filter(Boolean);
  const forgiving = parts.length > 0 ? `, with ${parts.join(' and ')}` : '';
  return `All points for an accepted answer${forgiving}; ${strict === '' ? 'capitals and accents do not matter' : `${strict} matter`}.`;
}

/** The rule of whatever has no key, or none that a computer could go by. */
export const READ_BY_A_PERSON = 'Not marked by itself: you read these answers.';
