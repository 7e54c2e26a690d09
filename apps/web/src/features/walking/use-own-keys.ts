/** Telling how answers stand where the keys are at hand: for an author who tries a deck as a student. */
import type { Deck, ItemId } from '@gobrel/core/deck';
import { isUsedUp, tellNow, type Told, toldOfPresent } from '@gobrel/core/questions';
import type { Work } from '@gobrel/core/work';
import { useMemo, useState } from 'react';

interface Tries {
  readonly count: number;
  readonly told: Told;
}

/** What the author was told so far, and checking more. @param whole the deck with its keys */
export function useOwnKeys(whole: Deck, work: Work) {
  const [tries, setTries] = useState<Readonly<Record<ItemId, Tries>>>({});
  const told = useMemo(() => {
    const all = Object.fromEntries(Object.entries(tries).map(([id, one]) => [id, one.told]));
    return toldOfPresent(all, work, whole);
  }, [tries, work, whole]);
  const check = (itemIds: readonly ItemId[]) =>
    setTries((before) => {
      const next = { ...before };
      for (const id of itemIds) {
        const item = whole.items[id];
        const count = (before[id]?.count ?? 0) + 1;
        if (!item || isUsedUp(item, count - 1)) continue;
        const one = tellNow(item, work, whole, count);
        if (one) next[id] = { count, told: one };
      }
      return next;
    });
  return { told, check, forget: () => setTries({}) };
}
