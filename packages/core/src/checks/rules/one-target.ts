/** Choices that all lead to one slide: nobody chooses anything. */
import { linksFrom, slideLedTo } from '../../routes/index.js';
import { slidesInOrder } from '../../deck/index.js';
import type { DeckRule } from '../rule.js';

export const oneTarget: DeckRule<'one-target'> = {
  name: 'one-target',
  level: 'look',
  source: 'stories in which left and right were the same',
  lookAt: (deck) =>
    slidesInOrder(deck).flatMap(({ id, exits }) => {
      if (exits !== 'links-only') return [];
      const led = linksFrom(deck, id).filter(({ destination }) => destination.to === 'slide');
      const targets = new Set(led.map(({ destination }) => slideLedTo(deck, id, destination)));
      const [to] = targets;
      return led.length > 1 && targets.size === 1 && to != null
        ? [{ slideId: id, items: led.map(({ itemId }) => itemId), values: { count: led.length, to } }]
        : [];
    }),
  mend: null,
};
