/** Charts without figures, and cards of the web that lead nowhere: a class would see an empty box. */
import { hasFigures } from '../../deck/index.js';
import type { SlideRule } from '../rule.js';

export const unfinished: SlideRule<'unfinished'> = {
  name: 'unfinished',
  level: 'fix',
  source: 'what teachers met: a box that was placed and never filled',
  look: ({ items }) =>
    items.flatMap((item) => {
      const lacks =
        item.kind === 'chart'
          ? !item.figures || !hasFigures(item.figures)
          : item.kind === 'web-card' && item.link?.to !== 'web';
      return lacks ? [{ items: [item.id], values: {} }] : [];
    }),
  mend: null,
};
