/** Pictures, videos and sounds of which nobody can tell whose they are. */
import { isComplete, type Item } from '../../deck/index.js';
import type { SlideRule } from '../rule.js';

export const noCredit: SlideRule<'no-credit'> = {
  name: 'no-credit',
  level: 'look',
  source: 'the open licences themselves: title, author, source and licence are shown with a work',
  look: ({ items }) =>
    items.flatMap((item) => (hasContent(item) && !isComplete(item.credit) ? [{ items: [item.id], values: {} }] : [])),
  mend: null,
};

function hasContent(item: Item): item is Extract<Item, { readonly credit: unknown }> {
  if (item.kind === 'picture') return item.picture !== '';
  return (item.kind === 'video' || item.kind === 'sound') && item.file !== '';
}
