/** Formulas whose TeX says nothing that can be drawn: a class would read the TeX. */
import { formulasIn, isDrawn } from '../../deck/index.js';
import type { SlideRule } from '../rule.js';

export const formulaNotDrawn: SlideRule<'formula-not-drawn'> = {
  name: 'formula-not-drawn',
  level: 'fix',
  source: 'the library that draws formulas',
  look: ({ items }) =>
    items.flatMap((item) =>
      formulasIn(item).flatMap(({ source, tex }) => {
        const drawing = item.formulas[source];
        return drawing && !isDrawn(drawing) ? [{ items: [item.id], values: { tex } }] : [];
      }),
    ),
  mend: null,
};
