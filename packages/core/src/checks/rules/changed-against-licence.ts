/** Pictures that are shown changed, though their licence does not allow it. */
import { licences, type PictureItem, setItemFields, WHOLE_PICTURE } from '../../deck/index.js';
import type { SlideRule } from '../rule.js';

export const changedAgainstLicence: SlideRule<'changed-against-licence'> = {
  name: 'changed-against-licence',
  level: 'fix',
  source: 'Creative Commons BY-ND 4.0, section 2(a)(1): no adapted material is shared',
  look: ({ items }) =>
    items.flatMap((item) =>
      item.kind === 'picture' && item.credit?.licence && !licences[item.credit.licence].change && isChanged(item)
        ? [{ items: [item.id], values: {} }]
        : [],
    ),
  mend: (deck, { items: [id = ''] }) => {
    const item = deck.items[id];
    if (item?.kind !== 'picture') return [];
    // Shown whole, in its own proportions, as large as it was wide.
    const { width, height } = item.pixels;
    const frame = width > 0 ? { ...item.frame, height: (item.frame.width * height) / width } : item.frame;
    return [
      ...setItemFields(deck, id, {
        crop: WHOLE_PICTURE,
        shape: 'sharp-rectangle',
        flippedAcross: false,
        flippedDown: false,
      }),
      { type: 'set-item', id, fields: { frame } },
    ];
  },
};

function isChanged({ crop, shape, flippedAcross, flippedDown }: PictureItem): boolean {
  const isWhole = crop.x === 0 && crop.y === 0 && crop.width === 1 && crop.height === 1;
  return !isWhole || flippedAcross || flippedDown || !['sharp-rectangle', 'rectangle'].includes(shape);
}
