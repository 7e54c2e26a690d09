/** The strokes of one drawing. */
import type { Item } from '../../deck/index.js';
import type { Stroke, Work } from '../../work/index.js';

/** The strokes drawn into a question or an open area, from the first to the last. */
export function strokesIn(item: Pick<Item, 'id'>, work: Work): readonly (Stroke & { readonly id: string })[] {
  return Object.entries(work.drawn)
    .filter(([, stroke]) => stroke.itemId === item.id)
    .map(([id, stroke]) => ({ ...stroke, id }))
    .sort((a, b) => (a.id < b.id ? -1 : 1));
}
