/** Judges answers by the keys of a deck, for those who have them: its authors, trying it or showing it. */
import type { Deck } from '@gobrel/core/deck';
import { markWork } from '@gobrel/core/questions';
import type { Work } from '@gobrel/core/work';
import type { Judge } from './use-walk';

/** A judge who has the keys of a deck. */
export function keyJudge(deck: Deck, work: Work): Judge {
  const isRight = (itemId: string) => markWork(deck, work).items[itemId]?.verdict === 'right';
  return { isRight, ask: (itemId) => Promise.resolve(isRight(itemId)) };
}
