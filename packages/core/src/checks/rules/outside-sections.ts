/** Slides before the first section, in a deck that has some. */
import { sectionsAround, slidesInOrder } from '../../deck/index.js';
import type { DeckRule } from '../rule.js';

export const outsideSections: DeckRule<'outside-sections'> = {
  name: 'outside-sections',
  level: 'easier',
  source: 'decks whose first slide nobody found again in the outline',
  lookAt: (deck) =>
    Object.keys(deck.sections).length === 0
      ? []
      : slidesInOrder(deck).flatMap(({ id }) =>
          sectionsAround(deck, id).length === 0 ? [{ slideId: id, items: [], values: {} }] : [],
        ),
  mend: null,
};
