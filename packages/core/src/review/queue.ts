/** What of submitted work waits for its teacher, and what comes next after a mark. */
import type { Item, ItemId, OpenAreaItem, QuestionItem } from '../deck/index.js';
import type { Marks } from '../questions/index.js';
import { isFilledIn, type Work } from '../work/index.js';
import type { Review } from './review.js';

/** What is looked at: a question, or an area in which students add things of their own. */
export type Reviewable = QuestionItem | OpenAreaItem;

/**
 * How an answer stands: it `waits` for a teacher, was `reviewed` by one, was `marked` by its key, is `empty`, or is
 * `free`: something is there, and no points are given for it.
 */
export type ReviewState = 'waits' | 'reviewed' | 'marked' | 'empty' | 'free';

/** How one answer stands. @param byKey the marks that the keys gave */
export function reviewStateOf(item: Reviewable, work: Work, byKey: Marks, review: Review): ReviewState {
  if (review.overruled[item.id]) return 'reviewed';
  if (!isFilledIn(item, work)) return 'empty';
  switch (byKey.items[item.id]?.verdict) {
    case undefined:
      return 'free';
    case 'unmarked':
      return 'waits';
    default:
      return 'marked';
  }
}

/** An answer in a queue. */
export interface Queued {
  readonly who: string;
  readonly item: Item;
  readonly state: ReviewState;
}

/**
 * The answer that waits next after another one, from the beginning again after the last; `null` when no other one waits.
 * @param queue in the order in which it is gone through
 */
export function nextWaiting<T extends Queued>(queue: readonly T[], after: { who: string; itemId: ItemId }): T | null {
  const at = queue.findIndex(({ who, item }) => who === after.who && item.id === after.itemId);
  const others = [...queue.slice(at + 1), ...queue.slice(0, Math.max(0, at))];
  return others.find(({ state }) => state === 'waits') ?? null;
}
