/** Videos and sounds in which something is said that nobody can read. */
import { isMedia } from '../../deck/index.js';
import type { SlideRule } from '../rule.js';

export const noCaptions: SlideRule<'no-captions'> = {
  name: 'no-captions',
  level: 'easier',
  source: 'WCAG 2.2, 1.2.1 and 1.2.2 (A)',
  look: ({ items }) =>
    items.flatMap((item) => {
      // What goes along slides is music or wind; what is mute says nothing.
      const isHeard = isMedia(item) && item.file !== '' && item.volume > 0 && !('along' in item && item.along !== null);
      return isHeard && item.captions.length === 0 ? [{ items: [item.id], values: {} }] : [];
    }),
  mend: null,
};
