/** Formulas among words: typed in TeX, carried as drawings, read out as MathML. */
export * from './formula-drawing.js';
export * from './formula-parts.js';
export * from './in-line.js';
export * from './item-formulas.js';
