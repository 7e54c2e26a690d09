/** Telling how answers stand where the keys are at hand: for an author who tries a deck as a student. */
import type { Deck, ItemId } from '@gobrel/core/deck';
import { isUsedUp, feedbackNow, type AnswerFeedback, feedbackOnPresent } from '@gobrel/core/questions';
import type { Work } from '@gobrel/core/work';
import { useMemo, useState } from 'react';

interface Tries {
  readonly count: number;
  readonly feedback: AnswerFeedback;
}

/** What the author was told so far, and checking more. @param whole the deck with its keys */
export function useOwnKeys(whole: Deck, work: Work) {
  const [tries, setTries] = useState<Readonly<Record<ItemId, Tries>>>({});
  const feedback = useMemo(() => {
    const all = Object.fromEntries(Object.entries(tries).map(([id, one]) => [id, one.feedback]));
    return feedbackOnPresent(all, work, whole);
  }, [tries, work, whole]);
  const check = (itemIds: readonly ItemId[]) =>
    setTries((before) => {
      const next = { ...before };
      for (const id of itemIds) {
        const item = whole.items[id];
        const count = (before[id]?.count ?? 0) + 1;
        if (!item || isUsedUp(item, count - 1)) continue;
        const one = feedbackNow(item, work, whole, count);
        if (one) next[id] = { count, feedback: one };
      }
      return next;
    });
  return { feedback, check, forget: () => setTries({}) };
}
