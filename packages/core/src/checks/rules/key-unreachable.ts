/** Questions whose own key is not marked right: nobody can answer them. */
import { canBeRight, isQuestion, keyedAnswer } from '../../questions/index.js';
import type { SlideRule } from '../rule.js';

export const keyUnreachable: SlideRule<'key-unreachable'> = {
  name: 'key-unreachable',
  level: 'fix',
  source: 'a zone that took two pieces, and three in its key',
  look: ({ items, deck }) =>
    items.flatMap((item) =>
      isQuestion(item) && keyedAnswer(item, deck).length > 0 && !canBeRight(deck, item)
        ? [{ items: [item.id], values: {} }]
        : [],
    ),
  mend: null,
};
