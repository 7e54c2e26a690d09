/**
 * Writes how wide letters are in the fonts that come along, as the deck check measures words by them:
 * `node scripts/letter-widths.mjs`, whenever a font becomes another one.
 */
/* global FontFace */
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { chromiumOptions, root } from './steps.mjs';

const families = {
  text: 'atkinson-hyperlegible-next',
  heading: 'bricolage-grotesque',
  serif: 'source-serif-4',
  rounded: 'nunito',
  handwriting: 'caveat',
  mono: 'jetbrains-mono',
  wide: 'noto-sans',
};
const ASCII = Array.from({ length: 95 }, (_, at) => String.fromCharCode(32 + at)).join('');
const OTHERS = 'ÀÁÂÃÄÅÆÇÈÉÊËÌÍÎÏÑÒÓÔÕÖØÙÚÛÜÝßàáâãäåæçèéêëìíîïñòóôõöøùúûüýÿŒœ¿¡«»“”‘’–—…€°×';

const browser = await chromium.launch(chromiumOptions);
const page = await browser.newPage();

/** The widths of all letters at a weight, in thousandths of the letters' size. */
async function widthsOf(family, weight) {
  const file = join(root, 'node_modules/@fontsource-variable', family, 'files', `${family}-latin-wght-normal.woff2`);
  const source = `url(data:font/woff2;base64,${readFileSync(file).toString('base64')})`;
  const widths = await page.evaluate(
    async ([source, weight, letters]) => {
      const face = await new FontFace('Measured', source, { weight: '100 900' }).load();
      document.fonts.add(face);
      const pen = document.createElement('canvas').getContext('2d');
      pen.font = `${weight} 1000px Measured`;
      const measured = [...letters].map((letter) => Math.round(pen.measureText(letter).width));
      document.fonts.delete(face);
      return measured;
    },
    [source, weight, ASCII + OTHERS],
  );
  return widths.join(' ');
}

const tables = [];
for (const [name, family] of Object.entries(families))
  tables.push(
    `  ${name}: {\n    plain: '${await widthsOf(family, 400)}',\n    bold: '${await widthsOf(family, 700)}',\n  },`,
  );
await browser.close();
writeFileSync(
  join(root, 'packages/core/src/checks/measuring/letter-widths.ts'),
  `/** How wide letters are in the fonts that come along, in thousandths of their size. Written by \`scripts/letter-widths.mjs\`. */
import type { FontName } from '../../deck/index.js';

/** The letters that are measured, in the order of the tables: ASCII from the space on, then others. */
export const measuredLetters =
  ${JSON.stringify(ASCII)} +
  '${OTHERS}';

/** Widths by font: at the weights 400 and 700. */
export const letterWidths: Readonly<Record<FontName, Readonly<Record<'plain' | 'bold', string>>>> = {
${tables.join('\n')}
};
`,
);
