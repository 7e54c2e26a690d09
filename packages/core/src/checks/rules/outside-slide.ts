/** Items that lie outside of the slide, wholly or for a good part. */
import { setFrames, sizeOf } from '../../deck/index.js';
import { boundsOf } from '../../geometry/index.js';
import { sharedArea } from '../measuring/shared-area.js';
import type { SlideRule } from '../rule.js';

/** The part of something that has to be seen. */
const SEEN = 0.75;

export const outsideSlide: SlideRule<'outside-slide'> = {
  name: 'outside-slide',
  level: 'look',
  source: 'slides on which an answer lay beside the edge',
  look: ({ items, deck }) => {
    const slide = { x: 0, y: 0, ...sizeOf(deck), rotation: 0 };
    return items.flatMap((item) => {
      const area = item.frame.width * item.frame.height;
      // Scenery runs over the edge on purpose, and so do lines.
      if (item.layer === 'backdrop' || item.kind === 'line' || item.kind === 'viewpoint' || area === 0) return [];
      const seen = sharedArea(item.frame, slide) / area;
      return seen < SEEN ? [{ items: [item.id], values: { wholly: seen < 0.02 } }] : [];
    });
  },
  mend: (deck, { items: [id = ''] }) => {
    const item = deck.items[id];
    if (!item) return [];
    const { width, height } = sizeOf(deck);
    const around = boundsOf(item.frame);
    const into = (from: number, length: number, room: number) =>
      length >= room ? (room - length) / 2 - from : Math.min(Math.max(from, 0), room - length) - from;
    return setFrames(deck, {
      [id]: {
        ...item.frame,
        x: item.frame.x + into(around.x, around.width, width),
        y: item.frame.y + into(around.y, around.height, height),
      },
    });
  },
};
