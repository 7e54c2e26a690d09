/** Slides that go on by themselves before anybody has read them. */
import { slidesInOrder } from '../../deck/index.js';
import { readingTime } from '../../show/index.js';
import type { DeckRule } from '../rule.js';

export const tooQuick: DeckRule<'too-quick'> = {
  name: 'too-quick',
  level: 'look',
  source: 'Brysbaert, How many words do we read per minute?, 2019: slower from a wall, 150 a minute',
  lookAt: (deck) =>
    slidesInOrder(deck).flatMap(({ id, stays }) => {
      if (!deck.playing.byItself || stays === null) return [];
      const reading = Math.round(readingTime(deck, id) / 1000);
      return stays < reading ? [{ slideId: id, items: [], values: { stays, reading } }] : [];
    }),
  mend: (_deck, { slideId }) => [{ type: 'set-slide', id: slideId, fields: { stays: null } }],
};
