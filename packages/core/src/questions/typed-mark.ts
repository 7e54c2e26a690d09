/** The mark for typed words against accepted ones: all points or none. */
import type { WordCare } from '../deck/index.js';
import { likenessTo } from './accepted-words.js';
import { emptyMark, type Mark, markOf } from './mark.js';
import { READ_BY_PERSON, type Rule } from './rule.js';

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
  if (typed.trim() === '') return emptyMark(points, { code: 'nothing-written' });
  const likeness = likenessTo(typed, wanted, question, question.options);
  if (likeness.is === 'same') return markOf(1, points, { code: 'as-accepted' });
  return likeness.is === 'nearly'
    ? markOf(1, points, { code: 'taken-for', accepted: likeness.accepted })
    : markOf(0, points, { code: 'accepted', accepted: sample });
}

/** Whether a person reads typed words, as none are accepted. */
export function isReadForWords({ accepted }: Pick<ByWords, 'accepted'>): boolean {
  return accepted.every((words) => words.trim() === '');
}

/** How typed words are marked. */
export function ruleForWords(question: ByWords): Rule {
  if (isReadForWords(question)) return READ_BY_PERSON;
  const { slips, caseMatters, accentsMatter, patterns } = question;
  return {
    code: 'words',
    slips,
    forgiving: slips > 0 && patterns ? 'both' : slips > 0 ? 'slips' : patterns ? 'patterns' : 'nothing',
    strict: caseMatters && accentsMatter ? 'both' : caseMatters ? 'capitals' : accentsMatter ? 'accents' : 'nothing',
  };
}
