/** Words that have no room in their box. */
import { type Deck, isWordBox, type Item, setFrames, setItemFields, sizeOf } from '../../deck/index.js';
import { boundsOf, boxesMeet } from '../../geometry/index.js';
import { HANGING, placedWordsOf } from '../measuring/placed-words.js';
import { leastLetters } from '../measuring/seen-from.js';
import { lookAtSlide } from '../slide-look.js';
import type { SlideRule } from '../rule.js';

/** Words are measured without kerning: what is over by less is not told, in letter sizes. */
const DOUBT = 0.25;

export const overflow: SlideRule<'overflow'> = {
  name: 'overflow',
  level: 'fix',
  source: 'WCAG 2.2, 1.4.12, and lessons in which the last line was cut off',
  look: ({ words }) =>
    words.flatMap(({ item, height, box, look, part }) => {
      const isOver = height > box.height + look.size * part * (HANGING + DOUBT);
      return isWordBox(item) && look.fit !== 'grow' && isOver ? [{ items: [item.id], values: {} }] : [];
    }),
  mend: (deck, { slideId, items: [id = ''] }, { settings }) => {
    const slide = lookAtSlide(deck, slideId);
    const words = slide?.words.find(({ item }) => item.id === id);
    const item = deck.items[id];
    if (!slide || !words || !item || !isWordBox(item) || !isWordBox(words.item)) return [];
    // The box grows where there is room for it; else the letters shrink, as far as they can still be read.
    const grown = { ...item.frame, height: Math.ceil((words.height / words.box.height) * item.frame.height) };
    const look = { ...item.look, fit: 'grow' as const };
    if (hasRoom(deck, slide.items, { ...item, frame: grown }))
      return [...setFrames(deck, { [id]: grown }), ...setItemFields(deck, id, { look })];
    const [shrunk] = placedWordsOf({ ...words.item, look: { ...words.look, fit: 'shrink' } }, slide.theme);
    return shrunk && shrunk.smallest >= leastLetters(deck, settings)
      ? setItemFields(deck, id, { look: { ...item.look, fit: 'shrink' } })
      : [];
  },
};

/** Whether an item has room on its slide, and comes over nothing that it did not touch before. */
function hasRoom(deck: Deck, items: readonly Item[], item: Item): boolean {
  const before = deck.items[item.id];
  const around = boundsOf(item.frame);
  if (!before || around.y + around.height > sizeOf(deck).height) return false;
  const was = boundsOf(before.frame);
  return items.every((other) => {
    if (other.id === item.id || other.layer === 'backdrop') return true;
    const box = boundsOf(other.frame);
    return !boxesMeet(around, box) || boxesMeet(was, box);
  });
}
