/** Blanks that a screen reader calls nothing but a blank. */
import { type BlankItem, cutText, type Item, lettersOf, shownItemsOf, textsOf } from '../../deck/index.js';
import { boundsOf } from '../../geometry/index.js';
import type { SlideRule } from '../rule.js';

/** The most letters of what stands before a blank that become its name. */
const LONGEST = 60;

export const unnamedBlank: SlideRule<'unnamed-blank'> = {
  name: 'unnamed-blank',
  level: 'easier',
  source: 'WCAG 2.2, 1.3.1 and 4.1.2 (A)',
  look: ({ items }) =>
    items.flatMap((item) => (item.kind === 'blank' && item.name === '' ? [{ items: [item.id], values: {} }] : [])),
  mend: (deck, { slideId, items: [id = ''] }) => {
    const blank = deck.items[id];
    if (blank?.kind !== 'blank') return [];
    const name = wordsBefore(blank, shownItemsOf(deck, slideId));
    return name === '' ? [] : [{ type: 'set-item', id, fields: { name } }];
  },
};

/** The last words of the text that stands nearest before a blank: beside it, or above. */
function wordsBefore(blank: BlankItem, items: readonly Item[]): string {
  const at = boundsOf(blank.frame);
  const before = items.flatMap((item) => {
    const letters = textsOf(item)
      .map(({ text }) => lettersOf(text))
      .join(' ')
      .trim();
    const box = boundsOf(item.frame);
    if (letters === '' || box.y > at.y + at.height || box.x > at.x + at.width) return [];
    const across = Math.max(0, at.x - (box.x + box.width));
    const down = Math.abs(box.y + box.height / 2 - (at.y + at.height / 2));
    return [{ letters, far: across + down }];
  });
  const [nearest] = before.sort((a, b) => a.far - b.far);
  const words = nearest?.letters.replaceAll(/\s+/g, ' ') ?? '';
  return cutText(words.length > LONGEST ? words.slice(-LONGEST).replace(/^\S*\s/, '') : words, LONGEST);
}
