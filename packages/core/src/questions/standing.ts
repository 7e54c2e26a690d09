/** How a slide stands for one student, in a word a teacher can take in at a glance. */
import { type Deck, itemsOf, type SlideId } from '../deck/index.js';
import { progressOn, type Work } from '../work/index.js';
import type { Verdict } from './mark.js';
import type { Marks } from './marking.js';

/** Not seen yet, looked at, begun, answered where nothing is marked, or what its marks say. */
export type Standing = 'unseen' | 'looking' | 'working' | 'answered' | Exclude<Verdict, 'empty'>;

/**
 * How a slide stands: by progress until everything asked is filled in, by its marks after that.
 * @param marks the marks of the whole work, or `undefined` while they are not known
 */
export function standingOn(edition: Deck, slideId: SlideId, work: Work, marks: Marks | undefined): Standing {
  const { asked, filled } = progressOn(edition, work, slideId);
  if (filled === 0) return work.way.includes(slideId) ? 'looking' : 'unseen';
  if (filled < asked) return 'working';
  const verdicts = itemsOf(edition, slideId).flatMap((item) => marks?.items[item.id]?.verdict ?? []);
  if (verdicts.length === 0) return 'answered';
  if (verdicts.every((verdict) => verdict === 'right')) return 'right';
  return verdicts.every((verdict) => verdict === 'wrong' || verdict === 'empty') ? 'wrong' : 'partly';
}
