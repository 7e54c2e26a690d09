/** Pictures, media and invisible areas that say nothing to whoever cannot see them. */
import { type Item, nameOf } from '../../deck/index.js';
import type { SlideRule } from '../rule.js';

export const noDescription: SlideRule<'no-description'> = {
  name: 'no-description',
  level: 'easier',
  source: 'WCAG 2.2, 1.1.1 (A)',
  look: ({ items }) => items.flatMap((item) => (isSilent(item) ? [{ items: [item.id], values: {} }] : [])),
  mend: null,
};

/** What lies in the backdrop is scenery, which a screen reader passes over. */
function isSilent(item: Item): boolean {
  if (item.layer === 'backdrop') return false;
  switch (item.kind) {
    case 'picture':
    case 'video':
    case 'sound':
      return item.alt.trim() === '';
    case 'point':
    case 'draw':
      return item.picture !== '' && item.alt.trim() === '';
    case 'sign':
      return item.shows.trim() === '' && item.name === '';
    case 'hotspot':
      return item.link !== null && nameOf(item) === '';
    default:
      return false;
  }
}
