/** Questions that could be marked by themselves, and have no answer key. */
import { type Item, piecesOn } from '../../deck/index.js';
import { keyedAnswer, takesKey } from '../../questions/index.js';
import type { SlideRule } from '../rule.js';

export const noKey: SlideRule<'no-key'> = {
  name: 'no-key',
  level: 'look',
  source: 'lessons after which nobody had a mark',
  look: ({ items, deck, slide }) => {
    const hasPieces = piecesOn(deck, slide.id).length > 0;
    return items.flatMap((item) =>
      takesKey(item) && !isFree(item, hasPieces) && keyedAnswer(item, deck).length === 0
        ? [{ items: [item.id], values: {} }]
        : [],
    );
  },
  mend: null,
};

/** A zone that says itself what it takes, or has nothing to take, is no question. */
function isFree(item: Item, hasPieces: boolean): boolean {
  return item.kind === 'zone' && (!hasPieces || item.takes.length > 0);
}
