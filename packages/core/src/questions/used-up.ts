/**
 * Answers that were checked as often as they may be, and stay as they are. A change of one is put back, and whatever
 * came with it is kept: a device that had not heard yet must not lose the rest of its work.
 */
import type { Deck, ItemId } from '../deck/index.js';
import { fillKindOf, type Work, type WorkChange } from '../work/index.js';
import { answerFingerprint } from './feedback.js';

/** Those of some questions whose answers differ between two states of a student's work. */
export function changedAnswers(ids: readonly ItemId[], before: Work, after: Work, edition: Deck): readonly ItemId[] {
  return ids.filter((id) => {
    const item = edition.items[id];
    return item !== undefined && answerFingerprint(item, before, edition) !== answerFingerprint(item, after, edition);
  });
}

/** Changes that put the answers to some questions back to what they were; none where they are as they were. */
export function putBackAnswers(
  ids: readonly ItemId[],
  before: Work,
  after: Work,
  edition: Deck,
): readonly WorkChange[] {
  return changedAnswers(ids, before, after, edition).flatMap((id): readonly WorkChange[] => {
    const item = edition.items[id];
    return item ? (fillKindOf(item)?.putBack(item, before, after) ?? []) : [];
  });
}
