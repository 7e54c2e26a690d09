// Makes the fonts for symbols and small pictures that slides' own fonts lack: parts of the Noto fonts, and of DejaVu for fractions,
// small enough for a weak network. Run after a change of the characters offered: node packages/slide-view/fonts/make-fonts.mjs
import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import subsetFont from 'subset-font';
import { characters } from '@gobrel/core/deck';

const here = new URL('.', import.meta.url).pathname;
const require = createRequire(import.meta.url);
const folderOf = (name) => dirname(require.resolve(`@fontsource/${name}/package.json`));
const fontOf = (name, file) => readFileSync(join(folderOf(name), 'files', `${file}.woff2`));

const math = fontOf('noto-sans-math', 'noto-sans-math-latin-400-normal');
const symbols = fontOf('noto-sans-symbols-2', 'noto-sans-symbols-2-symbols-400-normal');
const fractions = fontOf('dejavu-sans', 'dejavu-sans-latin-400-normal');
const furtherSymbols = fontOf('noto-sans-symbols', 'noto-sans-symbols-symbols-400-normal');

const range = (from, to) => Array.from({ length: to - from + 1 }, (_, at) => from + at);
const pointsOf = (texts) => [...new Set(texts.flatMap((text) => [...text].map((each) => each.codePointAt(0))))];
/** Where the fonts of slides end. */
const beyondLetters = (point) => point >= 0x2150 && point < 0x1f000;

/** What a board, a student's page and most texts need: what is offered, and the signs of the interface. */
const common = pointsOf([...characters.mathematics, ...'✓✗✕★☆✎✥■□●○▲▼▾⋅']).filter(beyondLetters);

/** Parts by their blocks of Unicode; of two that have a character, the later one is asked first. */
const parts = [
  { name: 'number-forms', font: fractions, points: range(0x2150, 0x218f) },
  { name: 'arrows', font: math, points: range(0x2190, 0x21ff) },
  { name: 'operators', font: math, points: range(0x2200, 0x22ff) },
  { name: 'technical', font: symbols, points: range(0x2300, 0x23ff) },
  { name: 'enclosed', font: furtherSymbols, points: range(0x2460, 0x24ff) },
  { name: 'geometric', font: symbols, points: range(0x25a0, 0x25ff) },
  { name: 'miscellaneous', font: symbols, points: range(0x2600, 0x26ff) },
  { name: 'music', font: furtherSymbols, points: range(0x2669, 0x266f) },
  { name: 'dingbats', font: symbols, points: range(0x2700, 0x27bf) },
  { name: 'further-arrows', font: symbols, points: range(0x2b00, 0x2bff) },
  { name: 'common', font: math, points: common.filter((point) => point < 0x2300) },
  { name: 'common-signs', font: symbols, points: common.filter((point) => point >= 0x2300) },
];

/** Points as ranges of CSS. */
function cssRange(points) {
  const sorted = [...points].sort((a, b) => a - b);
  const runs = [];
  for (const point of sorted) {
    const last = runs.at(-1);
    if (last && last[1] === point - 1) last[1] = point;
    else runs.push([point, point]);
  }
  const hex = (point) => point.toString(16).toUpperCase();
  return runs.map(([from, to]) => (from === to ? `U+${hex(from)}` : `U+${hex(from)}-${hex(to)}`)).join(', ');
}

/** A face of a family, with where it comes from. */
function face(family, source, points) {
  return [
    '@font-face {',
    `  font-family: '${family}';`,
    '  font-style: normal;',
    '  font-weight: 400;',
    '  font-display: swap;',
    `  src: ${source};`,
    `  unicode-range: ${cssRange(points)};`,
    '}',
  ].join('\n');
}

async function made(name, font, points) {
  const file = await subsetFont(font, String.fromCodePoint(...points), { targetFormat: 'woff2' });
  writeFileSync(join(here, `${name}.woff2`), file);
  console.log(`${name} ${file.length} bytes`);
  return `url('./${name}.woff2') format('woff2')`;
}

const faces = [];
for (const { name, font, points } of parts) {
  // What is a small picture by itself is never drawn as a sign.
  const signs = points.filter((point) => !/\p{Emoji_Presentation}/u.test(String.fromCodePoint(point)));
  faces.push(face('Slide Symbols', await made(name, font, signs), signs));
}
// Small pictures are drawn by the device where it has some, as these parts are large; where it has none, by these.
const own = ['Noto Color Emoji', 'Apple Color Emoji', 'Segoe UI Emoji'].map((name) => `local('${name}')`).join(', ');
const pictures = '@infolektuell/noto-color-emoji';
const whole = readFileSync(require.resolve(pictures), 'utf8');
for (const [, file, points] of whole.matchAll(/files\/(\d+\.woff2)[^}]*?unicode-range: ([^;]+);/g)) {
  const source = `${own}, url('${pictures}/files/${file}') format('woff2') tech(color-COLRv1)`;
  faces.push(face('Slide Emoji', source, pointsOfCss(points)));
}

function pointsOfCss(said) {
  return said.split(',').flatMap((part) => {
    const [from, to = from] = part.trim().slice(2).split('-');
    return range(Number.parseInt(from, 16), Number.parseInt(to, 16));
  });
}

const head = '/* Made by make-fonts.mjs: symbols and small pictures, for what the fonts of slides do not have. */';
writeFileSync(join(here, 'fonts.css'), `${head}\n${faces.join('\n')}\n`);
