/** Reads words as the browser laid them out: each line of a text, in runs of one font. */
import { readColour, readLength } from './css-values';
import { type Around, base, type PageBuilder } from './page-builder';

/** Scripts written from the right: Hebrew, Arabic and their relatives. */
const FROM_RIGHT = /[\u0590-\u08ff\ufb1d-\ufdff\ufe70-\ufefc]/;
/** Each picture of letters that no font has is drawn this many times as large. */
const LARGER = 3;

const canvas = document.createElement('canvas').getContext('2d');
const ascents = new Map<string, number>();

/** Reads a text node. */
export function readWords(node: Text, style: CSSStyleDeclaration, around: Around, builder: PageBuilder): void {
  if (node.data.trim() === '') return;
  const range = document.createRange();
  for (const line of linesOf(node, range))
    for (const run of runsOf(node.data, line, style, builder))
      readRun({ node, run, line, range, style }, around, builder);
}

/** Where each line of a text begins and ends. */
function linesOf(node: Text, range: Range): readonly (readonly [number, number])[] {
  range.selectNodeContents(node);
  const whole = node.data.length;
  const rects = [...range.getClientRects()].filter(({ width }) => width > 0);
  if (rects.length <= 1 && !FROM_RIGHT.test(node.data)) return [[0, whole]];
  const lines: [number, number][] = [];
  let [from, before] = [0, topAt(node, 0, range)];
  // A line of letters lies as high as its first one; where the height changes, a new one begins.
  for (let at = 1; at < whole; at += 1) {
    const top = topAt(node, at, range);
    if (top === null || before === null || Math.abs(top - before) < 2) {
      before ??= top;
      continue;
    }
    lines.push([from, at]);
    [from, before] = [at, top];
  }
  return [...lines, [from, whole]];
}

function topAt(node: Text, at: number, range: Range): number | null {
  range.setStart(node, at);
  range.setEnd(node, at + 1);
  const rect = range.getClientRects()[0];
  return rect && rect.width > 0 ? rect.top : null;
}

/** A line in runs that one font draws in one direction. */
function runsOf(
  text: string,
  [from, to]: readonly [number, number],
  style: CSSStyleDeclaration,
  builder: PageBuilder,
): readonly (readonly [number, number])[] {
  const runs: [number, number][] = [];
  let last: string | null = null;
  let at = from;
  for (const letter of graphemes(text.slice(from, to))) {
    const isSpace = letter.trim() === '';
    const font = builder.fonts.fontFor(letter, style.fontFamily, Number(style.fontWeight));
    const key = `${font?.url ?? 'none'} ${FROM_RIGHT.test(letter) ? 'right' : 'left'}`;
    const run = runs.at(-1);
    // Words that lines spread apart stand each by itself.
    const isSpread = isSpace && style.textAlign === 'justify';
    if (run && (key === last || isSpace) && !isSpread) run[1] = at + letter.length;
    else runs.push([at, at + letter.length]);
    last = isSpread ? null : isSpace && last !== null ? last : key;
    at += letter.length;
  }
  return runs;
}

const segmenter = new Intl.Segmenter(undefined, { granularity: 'grapheme' });

function graphemes(text: string): readonly string[] {
  // eslint-disable-next-line no-control-regex
  if (/^[\u0000-\u02ff]*$/.test(text)) return [...text];
  return [...segmenter.segment(text)].map(({ segment }) => segment);
}

interface Reading {
  readonly node: Text;
  readonly run: readonly [from: number, to: number];
  /** The line the run lies on. */
  readonly line: readonly [from: number, to: number];
  readonly range: Range;
  readonly style: CSSStyleDeclaration;
}

function readRun({ node, run, line, range, style }: Reading, around: Around, builder: PageBuilder): void {
  const [start, end] = run;
  const written = node.data.slice(start, end);
  const from = start + (written.length - written.trimStart().length);
  const to = end - (written.length - written.trimEnd().length);
  if (from >= to) return;
  range.setStart(node, from);
  range.setEnd(node, to);
  const rects = [...range.getClientRects()].filter(({ width }) => width > 0);
  const [first] = rects;
  if (!first) return;
  const left = Math.min(...rects.map(({ left: x }) => x));
  const width = Math.max(...rects.map(({ right }) => right)) - left;
  const size = readLength(style.fontSize);
  const box = builder.within({ x: left, y: first.top, width, height: first.height });
  const text = node.data.slice(from, to).replaceAll(/\s+/g, ' ');
  const [letter = ' '] = graphemes(text);
  const font = builder.fonts.fontFor(letter, style.fontFamily, Number(style.fontWeight));
  const tracking = style.letterSpacing === 'normal' ? 0 : readLength(style.letterSpacing);
  const y = box.y + ascentOf(style);
  if (font) {
    const look = { size, font, colour: readColour(style.color), slanted: style.fontStyle !== 'normal' };
    builder.marks.push({ kind: 'run', ...base(around), ...look, text, x: box.x, y, width: box.width - tracking });
    if (to === line[1] && isCutInWord(node.data, to, style))
      // The hyphen that the browser wrote stands behind what it tells of the letters.
      builder.marks.push({
        kind: 'run',
        ...base(around),
        ...look,
        text: '-',
        x: box.x + box.width,
        y,
        width: widthOf('-', style),
      });
  } else drawnLetters(text, box, y, style, around, builder);
  if (around.isLinked) underline(style, box, y, size, around, builder);
}

/** Whether the browser broke a word at the end of a line, and wrote a hyphen that is not in the text. */
function isCutInWord(text: string, at: number, style: CSSStyleDeclaration): boolean {
  return style.hyphens === 'auto' && /\p{L}/u.test(text[at - 1] ?? '') && /\p{L}/u.test(text[at] ?? '');
}

function widthOf(text: string, { fontWeight, fontSize, fontFamily }: CSSStyleDeclaration): number {
  if (!canvas) return 0;
  canvas.font = `${fontWeight} ${fontSize} ${fontFamily}`;
  return canvas.measureText(text).width;
}

function ascentOf({ fontWeight, fontSize, fontFamily }: CSSStyleDeclaration): number {
  const font = `${fontWeight} ${fontSize} ${fontFamily}`;
  const known = ascents.get(font);
  if (known !== undefined) return known;
  let ascent = readLength(fontSize);
  if (canvas) {
    canvas.font = font;
    // Browsers lay lines out by whole pixels of it.
    ascent = Math.round(canvas.measureText('x').fontBoundingBoxAscent);
  }
  ascents.set(font, ascent);
  return ascent;
}

/** Letters as a picture: small pictures in colours, and what no font has. */
function drawnLetters(
  text: string,
  box: { x: number; y: number; width: number; height: number },
  y: number,
  style: CSSStyleDeclaration,
  around: Around,
  builder: PageBuilder,
): void {
  const sheet = document.createElement('canvas');
  const beyond = box.height * 0.2;
  sheet.width = Math.ceil(box.width * LARGER);
  sheet.height = Math.ceil((box.height + 2 * beyond) * LARGER);
  const pen = sheet.getContext('2d');
  if (!pen || sheet.width === 0) return;
  pen.scale(LARGER, LARGER);
  pen.font = `${style.fontWeight} ${style.fontSize} ${style.fontFamily}`;
  pen.fillStyle = style.color;
  pen.fillText(text, 0, y - box.y + beyond);
  const figure = builder.part({ role: 'Figure', within: around.part, alt: text, language: null });
  builder.picture({ ...around, part: figure }, sheet.toDataURL('image/png'), {
    x: box.x,
    y: box.y - beyond,
    width: sheet.width / LARGER,
    height: sheet.height / LARGER,
  });
}

/** The line below the words of a link, as the style sheet has it. */
function underline(
  style: CSSStyleDeclaration,
  box: { x: number; width: number },
  y: number,
  size: number,
  around: Around,
  builder: PageBuilder,
): void {
  const thick = size * 0.09;
  const top = y + size * 0.16;
  const d = `M${box.x} ${top}h${box.width}v${thick}h${-box.width}Z`;
  builder.path({ ...around, part: null }, d, readColour(style.color));
}
