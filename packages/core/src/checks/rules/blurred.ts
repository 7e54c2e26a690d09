/** Pictures with too few pixels for how large they are shown. */
import { sharpnessOf, sizeOf } from '../../deck/index.js';
import type { SlideRule } from '../rule.js';

export const blurred: SlideRule<'blurred'> = {
  name: 'blurred',
  level: 'look',
  source: 'a projector of 1,920 pixels: below a third of them letters in a picture cannot be read',
  look: ({ items, deck }) =>
    items.flatMap((item) => {
      if (item.kind !== 'picture' || item.pixels.width === 0) return [];
      const { ratio, verdict } = sharpnessOf(item.pixels, item.crop, item.frame, sizeOf(deck).width);
      return verdict === 'blurred' ? [{ items: [item.id], values: { times: Math.round(1 / ratio) } }] : [];
    }),
  mend: null,
};
