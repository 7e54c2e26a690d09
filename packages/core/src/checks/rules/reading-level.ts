/** Instructions that ask more of their readers than the class has learned. */
import { asksSomething, lettersOf, textsOf } from '../../deck/index.js';
import { yearsToRead } from '../measuring/readability.js';
import type { SlideRule } from '../rule.js';

export const readingLevel: SlideRule<'reading-level'> = {
  name: 'reading-level',
  level: 'look',
  source:
    'Kincaid et al., Derivation of new readability formulas, 1975 (English); Crawford, Fórmula y gráfico, 1989 (Spanish); Bamberger and Vanecek, Lesen – Verstehen – Lernen – Schreiben, 1984 (German)',
  look: ({ items, deck }, { settings: { schoolYears } }) => {
    // Instructions are what is read on slides that ask something.
    if (schoolYears === null || !items.some(asksSomething)) return [];
    return items.flatMap((item) => {
      const written = textsOf(item).map(({ text }) => lettersOf(text));
      const asked = 'prompt' in item && typeof item.prompt === 'string' ? [item.prompt] : [];
      const years = yearsToRead([...written, ...asked].join('\n'), item.language ?? deck.language ?? 'en');
      return years !== null && years > schoolYears + 0.5
        ? [{ items: [item.id], values: { years: Math.round(years), wanted: schoolYears } }]
        : [];
    });
  },
  mend: null,
};
