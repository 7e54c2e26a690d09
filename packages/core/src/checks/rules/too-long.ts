/** Decks that take longer than there is time. */
import { slidesInOrder } from '../../deck/index.js';
import { timeToWork } from '../measuring/time-to-work.js';
import type { DeckRule } from '../rule.js';

export const tooLong: DeckRule<'too-long'> = {
  name: 'too-long',
  level: 'look',
  source: 'reading at 150 words a minute, and the time that questions take in lessons (`measuring/time-to-work.ts`)',
  lookAt: (deck, { settings: { minutes } }) => {
    const [first] = slidesInOrder(deck);
    const takes = Math.round(timeToWork(deck) / 60);
    return minutes !== null && first && takes > minutes
      ? [{ slideId: first.id, items: [], values: { takes, minutes } }]
      : [];
  },
  mend: null,
};
