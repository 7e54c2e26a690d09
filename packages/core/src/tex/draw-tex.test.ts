/** Formulas drawn: what they look like, what they say, and what is told when they cannot be. */
import {
  formulaParts,
  isDrawn,
  mathInLine,
  type MathNode,
  placedFormulas,
  readFormulas,
  wordsInLine,
} from '../deck/index.js';
import { drawTex } from './index.js';

const drawn = (tex: string, byItself = false) => {
  const result = drawTex(tex, byItself);
  if ('wrong' in result) throw new Error(`${tex}: ${result.wrong}`);
  return result.drawing;
};

/** MathML as it is written, for comparing. */
const said = ({ is, says, holds = [] }: MathNode): string => `<${is}>${says ?? holds.map(said).join('')}</${is}>`;
const spoken = (tex: string) => said(drawn(tex).spoken ?? { is: 'math' });

const SAMPLES = [
  String.raw`\frac{-b\pm\sqrt{b^2-4ac}}{2a}`,
  String.raw`\int_0^1 x^2\,dx`,
  String.raw`\left(\begin{matrix}1&2\\3&4\end{matrix}\right)`,
  String.raw`\overbrace{a+b}^{7}`,
  String.raw`\ce{CO3^2- <=> CO2 + OH-}`,
  String.raw`\cancel{x}+\boxed{y^2}`,
  String.raw`\begin{array}{|c|c|}\hline a&b\\\hline\end{array}`,
  String.raw`\sqrt[3]{\mathbb{R}}\vec{AB}\binom{n}{k}`,
];

test.each(SAMPLES)('%s is drawn within its box, and is the same after it was kept and read', (tex) => {
  for (const byItself of [true, false]) {
    const drawing = drawn(tex, byItself);
    expect(isDrawn(drawing)).toBe(true);
    // Pairs of numbers are places; H and V give one each, which lie no further out than the rest.
    const places = [...drawing.outline.matchAll(/[MLCQST]([^A-Z]*)/g)].flatMap(([, list = '']) =>
      list.trim().split(/\s+/).map(Number),
    );
    const across = places.filter((_, index) => index % 2 === 0);
    const down = places.filter((_, index) => index % 2 === 1);
    // Letters lean a little out of their boxes, and their curves are led by points beyond them.
    expect(Math.min(...across)).toBeGreaterThan(-120);
    expect(Math.max(...across)).toBeLessThan(drawing.width + 120);
    expect(Math.min(...down)).toBeGreaterThan(-drawing.height - 250);
    expect(Math.max(...down)).toBeLessThan(drawing.depth + 250);
    expect(readFormulas({ it: structuredClone(drawing) })).toEqual({ it: drawing });
  }
});

test('what it says is MathML: fractions, powers and roots by what they are', () => {
  expect(spoken(String.raw`\frac{1}{2}`)).toBe('<math><mfrac><mn>1</mn><mn>2</mn></mfrac></math>');
  expect(spoken('x^2')).toBe('<math><msup><mi>x</mi><mn>2</mn></msup></math>');
  expect(spoken(String.raw`\sqrt{ab}`)).toBe('<math><msqrt><mi>a</mi><mi>b</mi></msqrt></math>');
  expect(spoken(String.raw`\sum_{i}^{n}`)).toContain('<mo>∑</mo><mi>i</mi><mi>n</mi>');
});

test('chemistry is said and drawn without the letters that only take room, and with arrows that every font has', () => {
  expect(spoken(String.raw`\ce{H2O -> H+ + OH-}`)).toContain('→');
  expect(spoken(String.raw`\ce{H2O}`)).not.toContain('A');
  expect(drawn(String.raw`\ce{A <=> B}`).words).toEqual([]);
});

test('a formula by itself is larger than among words', () => {
  const sum = String.raw`\sum_{i=1}^{n} i`;
  expect(drawn(sum, true).height).toBeGreaterThan(drawn(sum, false).height);
});

test('letters that are not drawn stand as letters where they belong', () => {
  const { words, width } = drawn(String.raw`x + \text{ж}`);
  expect(words.map(({ text }) => text)).toEqual(['ж']);
  expect(words[0]?.x).toBeGreaterThan(1000);
  expect(words[0]?.x).toBeLessThan(width);
});

test.each([String.raw`\frac{1`, String.raw`\nothing`, 'x^2^3', String.raw`\href{javascript:alert(1)}{x}`])(
  '%s is told to be wrong, in words',
  (tex) => {
    const result = drawTex(tex, false);
    expect('wrong' in result ? result.wrong : '').not.toBe('');
  },
);

test('macros that never end are broken off', () => {
  const result = drawTex(String.raw`\def\a{\a\a}\a`, false);
  expect('wrong' in result).toBe(true);
});

test('a text is its parts', () => {
  const text = String.raw`With \(x\) and \[y^2\], \(unfinished`;
  const parts = formulaParts(text);
  expect(parts.map((part) => (part.is === 'words' ? part.text : part.source)).join('')).toBe(text);
  expect(parts.flatMap((part) => (part.is === 'formula' ? [[part.tex, part.byItself]] : []))).toEqual([
    ['x', false],
    ['y^2', true],
  ]);
  for (const { typed, from, to } of placedFormulas(text)) expect(text.slice(from, to)).toBe(typed.source);
});

test.each([
  [String.raw`\frac{1}{2}`, '1/2'],
  [String.raw`\frac{a+b}{2}`, '(a+b)/2'],
  [String.raw`x^2`, 'x^2'],
  [String.raw`\sqrt{b^2-4ac}`, '√(b^2−4ac)'],
  [String.raw`\sqrt[3]{8}`, '3√8'],
  [String.raw`x_{12}`, 'x_12'],
])('%s is named %s', (tex, name) => {
  expect(mathInLine(drawn(tex).spoken ?? { is: 'math' })).toBe(name);
  const source = `\\(${tex}\\)`;
  expect(wordsInLine(`so ${source}.`, { [source]: drawn(tex) })).toBe(`so ${name}.`);
  expect(wordsInLine(`so ${source}.`, {})).toBe(`so ${tex}.`);
});
