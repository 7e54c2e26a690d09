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
export function mathInLine(node: MathNode): string {
  const { is, says, holds = [] } = node;
  if (says !== undefined) return is === 'mspace' ? ' ' : says;
  const all = () => holds.map(mathInLine).join('');
  const [first, second, third] = holds.map(bracketed);
  switch (is) {
    case 'mfrac':
      return `${first ?? ''}/${second ?? ''}`;
    case 'msqrt':
      return `√${holds.length === 1 ? (first ?? '') : `(${all()})`}`;
    case 'mroot':
      return `${second ?? ''}√${first ?? ''}`;
    case 'msup':
    case 'mover':
      return `${first ?? ''}^${second ?? ''}`;
    case 'msub':
    case 'munder':
      return `${first ?? ''}_${second ?? ''}`;
    case 'msubsup':
    case 'munderover':
      return `${first ?? ''}_${second ?? ''}^${third ?? ''} `;
    case 'mtr':
      return `${holds.map(mathInLine).join(', ')}; `;
    default:
      return all();
  }
}

/** In brackets, unless it is one number, name or sign. */
function bracketed(node: MathNode): string {
  const { is, holds = [] } = node;
  const [only] = holds;
  if (is === 'mrow' && holds.length === 1 && only) return bracketed(only);
  const line = mathInLine(node);
  return holds.length === 0 ? line : `(${line})`;
}
