/** Items that nobody sees, as others lie over all of them. */
import { type Item, restack } from '../../deck/index.js';
import { isOpaque } from '../measuring/samples.js';
import { sharedArea, uncoveredArea } from '../measuring/shared-area.js';
import type { Given, SlideRule } from '../rule.js';

/** The part of an item that may still be seen without its being found again, as an edge of it. */
const MAY_BE_SEEN = 0.005;

export const covered: SlideRule<'covered'> = {
  name: 'covered',
  level: 'fix',
  source: 'a question that lay under its own picture',
  look: ({ items }, given) =>
    items.flatMap((item, at) => {
      // What appears later may be meant to cover; a hotspot is not seen anyhow, but has to be pressed.
      if (item.layer === 'backdrop' || item.kind === 'line' || item.kind === 'viewpoint') return [];
      const area = item.frame.width * item.frame.height;
      const over = items
        .slice(at + 1)
        .filter(
          (other) => hides(other, given) && other.appears <= item.appears && sharedArea(other.frame, item.frame) > 0,
        );
      const [first] = over;
      if (
        !first ||
        uncoveredArea(
          item.frame,
          over.map(({ frame }) => frame),
        ) >
          area * MAY_BE_SEEN
      )
        return [];
      return [{ items: [item.id], values: { by: first.id } }];
    }),
  mend: (deck, { items: [id = ''] }) => restack(deck, [id], 'front'),
};

/** Whether nothing is seen through an item, anywhere in its frame. */
function hides(item: Item, given: Given): boolean {
  if (item.loose || item.hidden || item.layer === 'backdrop') return false;
  if (item.kind === 'shape')
    return item.shape === 'sharp-rectangle' && item.fill !== 'transparent' && item.opacity === 1 && !item.finish;
  if (item.kind !== 'picture' || item.opacity < 1 || item.shape !== 'sharp-rectangle') return false;
  const samples = given.colours(item.picture);
  return samples !== null && isOpaque(samples);
}
