/** Items that nobody sees, as another one lies over all of them. */
import { type Item, restack } from '../../deck/index.js';
import { containsPoint, cornersOf } from '../../geometry/index.js';
import { isOpaque } from '../measuring/samples.js';
import type { Given, SlideRule } from '../rule.js';

export const covered: SlideRule<'covered'> = {
  name: 'covered',
  level: 'fix',
  source: 'a question that lay under its own picture',
  look: ({ items }, given) =>
    items.flatMap((item, at) => {
      // What appears later may be meant to cover; a hotspot is not seen anyhow, but has to be pressed.
      if (item.layer === 'backdrop' || item.kind === 'line' || item.kind === 'viewpoint') return [];
      const over = items
        .slice(at + 1)
        .find((other) => hides(other, given) && other.appears <= item.appears && covers(other, item));
      return over ? [{ items: [item.id], values: { by: over.id } }] : [];
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

/** A frame covers another one when it holds all its corners: both are convex. */
function covers(over: Item, under: Item): boolean {
  return cornersOf(under.frame).every((corner) => containsPoint(over.frame, corner));
}
