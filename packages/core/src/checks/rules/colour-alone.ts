/** Things that only their colour tells apart. */
import { colourIn, lettersOf, type ShapeItem } from '../../deck/index.js';
import type { SlideRule } from '../rule.js';

/** Sizes that differ by less than this part look the same. */
const ALIKE = 0.08;

export const colourAlone: SlideRule<'colour-alone'> = {
  name: 'colour-alone',
  level: 'easier',
  source: 'WCAG 2.2, 1.4.1 (A)',
  look: ({ items, theme }) => {
    const bare = items.filter(
      (item): item is ShapeItem =>
        item.kind === 'shape' &&
        (item.loose || item.link !== null) &&
        item.groups.length === 0 &&
        lettersOf(item.text).trim() === '',
    );
    const seen = new Set<string>();
    return bare.flatMap((item) => {
      if (seen.has(item.id)) return [];
      const alike = bare.filter((other) => looksLike(item, other));
      for (const { id } of alike) seen.add(id);
      const colours = new Set(alike.map(({ fill }) => colourIn(theme, fill)));
      return colours.size > 1 ? [{ items: alike.map(({ id }) => id), values: { count: alike.length } }] : [];
    });
  },
  mend: null,
};

function looksLike(a: ShapeItem, b: ShapeItem): boolean {
  const near = (one: number, other: number) => Math.abs(one - other) <= ALIKE * Math.max(one, other);
  return (
    a.shape === b.shape &&
    a.dash === b.dash &&
    near(a.frame.width, b.frame.width) &&
    near(a.frame.height, b.frame.height)
  );
}
