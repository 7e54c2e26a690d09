/** How a slide stands for one student, in a word a teacher can take in at a glance. */
import { type Deck, itemsOf, type SlideId } from '../deck/index.js';
import { hasSeen, type IsFixed, progressOn, type Work } from '../work/index.js';
import type { Verdict } from './mark.js';
import type { Marks } from './marking.js';

/**
 * Not seen yet, looked at, begun, answered where nothing is marked, or what its marks say: left empty, with something that
 * a person is still to mark, right, partly right, wrong.
 */
export type Standing = 'unseen' | 'looking' | 'working' | 'answered' | Verdict;

/** What else is known of somebody and their work. */
export interface StandingFacts {
  /** The marks of the whole work, or `undefined` while they are not known. */
  readonly marks: Marks | undefined;
  /** The slide they are on; it is seen, though the work may not say so yet. */
  readonly at?: SlideId | null;
  /** Whether the work is submitted: what is empty then was left empty. */
  readonly isSubmitted?: boolean;
  readonly isFixed?: IsFixed;
}

/** How a slide stands: by progress until everything asked is filled in or the work is submitted, by its marks after that. */
export function standingOn(edition: Deck, slideId: SlideId, work: Work, facts: StandingFacts): Standing {
  const { marks, at = null, isSubmitted = false, isFixed } = facts;
  const { asked, filled } = progressOn(edition, work, slideId, isFixed);
  if (isSubmitted && asked > 0 && filled === 0) return 'empty';
  if (filled === 0) return at === slideId || hasSeen(work, slideId) ? 'looking' : 'unseen';
  if (filled < asked && !isSubmitted) return 'working';
  const verdicts = itemsOf(edition, slideId).flatMap((item) => marks?.items[item.id]?.verdict ?? []);
  if (verdicts.length === 0) return 'answered';
  if (verdicts.includes('unmarked')) return 'unmarked';
  if (verdicts.every((verdict) => verdict === 'right')) return 'right';
  return verdicts.every((verdict) => verdict === 'wrong' || verdict === 'empty') ? 'wrong' : 'partly';
}
