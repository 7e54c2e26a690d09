/** Things that are read out in another order than they stand in. */
import { type Change, type Item, itemsOf, lettersOf, textsOf } from '../../deck/index.js';
import { boundsOf, boxesMeet } from '../../geometry/index.js';
import type { SlideRule } from '../rule.js';

export const readingOrder: SlideRule<'reading-order'> = {
  name: 'reading-order',
  level: 'easier',
  source: 'WCAG 2.2, 1.3.2 (A)',
  look: ({ items }) => {
    const read = items.filter(isRead);
    const wanted = asTheyStand(read);
    const first = read.findIndex((item, at) => item !== wanted[at]);
    const early = wanted[first];
    return early ? [{ items: [early.id], values: {} }] : [];
  },
  mend: (deck, { slideId }) => {
    const items = itemsOf(deck, slideId);
    const read = items.filter(isRead);
    // Where they lie over each other, their order is also which of them is in front.
    const boxes = read.map(({ frame }) => boundsOf(frame));
    const touches = boxes.some((box, at) => boxes.slice(at + 1).some((other) => boxesMeet(box, other)));
    if (touches) return [];
    const ranks = read.map(({ rank }) => rank).sort();
    return asTheyStand(read).flatMap((item, at): Change[] =>
      ranks[at] === undefined || ranks[at] === item.rank
        ? []
        : [{ type: 'set-item', id: item.id, fields: { rank: ranks[at] } }],
    );
  },
};

/** Whether a screen reader says something of it, and its place says when. */
function isRead(item: Item): boolean {
  if (item.layer === 'backdrop' || item.hidden || item.loose) return false;
  return textsOf(item).some(({ text }) => lettersOf(text).trim() !== '') || 'prompt' in item || item.kind === 'blank';
}

/**
 * In the order in which they stand: whatever stands wholly above something in the same column comes before it. Else they
 * stay as they are: of columns nobody knows which is read first.
 */
function asTheyStand(items: readonly Item[]): readonly Item[] {
  const boxes = new Map(items.map((item) => [item, boundsOf(item.frame)]));
  const isAbove = (one: Item, other: Item) => {
    const [a, b] = [boxes.get(one), boxes.get(other)];
    return a && b ? a.y + a.height <= b.y + 1 && a.x < b.x + b.width && b.x < a.x + a.width : false;
  };
  const left = [...items];
  const ordered: Item[] = [];
  while (left.length > 0) {
    const at = left.findIndex((item) => !left.some((other) => other !== item && isAbove(other, item)));
    ordered.push(...left.splice(Math.max(0, at), 1));
  }
  return ordered;
}
