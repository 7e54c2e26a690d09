/** Formulas in one line of letters, for names and for whatever is read out where nothing can be drawn. */
import type { FormulaDrawings, MathNode } from './formula-drawing.js';
import { formulaParts } from './formula-parts.js';

/** A text with its formulas in a line of letters, such as `(a+b)/2`; in TeX where nobody has drawn them. */
export function wordsInLine(text: string, formulas: FormulaDrawings): string {
  return formulaParts(text)
    .map((part) => {
      if (part.is === 'words') return part.text;
      const spoken = formulas[part.source]?.spoken;
      return spoken ? mathInLine(spoken) : part.tex;
    })
    .join('');
}

/** MathML as a line of letters. */
export function mathInLine({ is, says, holds = [] }: MathNode): string {
  if (says !== undefined) return is === 'mspace' ? ' ' : says;
  const [first = '', second = '', third = ''] = holds.map(mathInLine);
  switch (is) {
    case 'mfrac':
      return `${bracketed(first)}/${bracketed(second)}`;
    case 'msqrt':
      return `√${bracketed(holds.map(mathInLine).join(''))}`;
    case 'mroot':
      return `${second}√${bracketed(first)}`;
    case 'msup':
    case 'mover':
      return `${bracketed(first)}^${bracketed(second)}`;
    case 'msub':
    case 'munder':
      return `${first}_${bracketed(second)}`;
    case 'msubsup':
    case 'munderover':
      return `${first}_${bracketed(second)}^${bracketed(third)} `;
    case 'mtr':
      return `${holds.map(mathInLine).join(', ')}; `;
    default:
      return holds.map(mathInLine).join('');
  }
}

/** In brackets, unless it is a single number, letter or sign. */
function bracketed(text: string): string {
  return /^(\p{L}|[\d.,]+|\p{S}|\(.*\))?$/u.test(text) ? text : `(${text})`;
}
