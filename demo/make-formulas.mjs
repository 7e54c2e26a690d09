// Draws the formulas of the sample decks once, so that the server needs no library for them: node demo/make-formulas.mjs
import { formulaParts } from '../packages/core/dist/deck/index.js';
import { drawTex } from '../packages/core/dist/tex/index.js';
import { writeFileSync } from 'node:fs';
import { typed } from './dist/formulas/typed.js';

const drawn = Object.fromEntries(
  Object.values(typed).map((source) => {
    const [part] = formulaParts(source);
    if (part?.is !== 'formula') throw new Error(`${source} is no formula.`);
    const result = drawTex(part.tex, part.byItself);
    if (!('drawing' in result)) throw new Error(`${source}: ${result.wrong}`);
    return [source, result.drawing];
  }),
);
writeFileSync(
  new URL('src/formulas/drawn.ts', import.meta.url),
  `/** The drawings of the formulas in sample decks. Made by \`demo/make-formulas.mjs\`. */
import type { FormulaDrawings } from '@gobrel/core/deck';

export const drawn: FormulaDrawings = ${JSON.stringify(drawn)};
`,
);
