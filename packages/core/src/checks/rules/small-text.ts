/** Text too small for the last row. */
import { isWordBox, scaleLetters, setItemFields } from '../../deck/index.js';
import { leastLetters } from '../measuring/seen-from.js';
import type { SlideRule } from '../rule.js';

const POINTS = 72 / 96;

export const smallText: SlideRule<'small-text'> = {
  name: 'small-text',
  level: 'look',
  source: 'ISO 9241-303:2011, 5.5.4: Latin capitals of at least 16 minutes of arc',
  look: ({ words, deck }, { settings }) => {
    const needed = leastLetters(deck, settings);
    return words.flatMap(({ item, smallest }) =>
      // What is written within half a point is not told.
      smallest + 0.5 / POINTS < needed
        ? [{ items: [item.id], values: { points: Math.round(smallest * POINTS), needed: Math.ceil(needed * POINTS) } }]
        : [],
    );
  },
  mend: (deck, { items: [id = ''] }, { settings }) => {
    const item = deck.items[id];
    if (!item || !isWordBox(item)) return [];
    const needed = Math.ceil(leastLetters(deck, settings));
    // What is smaller grows in proportion, and its box with it.
    const factor = needed / Math.min(item.look.size, needed);
    const look = { ...item.look, size: Math.max(item.look.size, needed), fit: 'grow' as const };
    const own = [...new Set([...item.look.own, 'size' as const])];
    return setItemFields(deck, id, { look: { ...look, own }, text: scaleLetters(item.text, factor) });
  },
};
