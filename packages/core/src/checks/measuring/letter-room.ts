/** How much room words take: by how wide letters are, broken into lines where a browser breaks them. */
import {
  type Block,
  type FontName,
  type FormulaDrawing,
  type FormulaDrawings,
  formulaParts,
  isDrawn,
  type RichText,
  type TextLook,
  type TextRun,
} from '../../deck/index.js';
import { letterWidths, measuredLetters } from './letter-widths.js';

/** From one line to the next, in letter sizes, as slides are drawn. */
const LINE = { words: 1.25, heading: 1.1 } as const;
/** How far lists are set in, and quotes, in letter sizes. */
const SET_IN = { list: 1.3, quote: 0.6 } as const;
/** The room above and below a formula that stands by itself, together, in letter sizes. */
const BY_ITSELF = 0.7;
/** How wide letters are that no table has, in letter sizes: as wide as they are high in scripts without spaces, less in others. */
const UNKNOWN = { wide: 1, narrow: 0.6 } as const;
/** From this weight on letters are as wide as bold ones. */
const BOLD_FROM = 600;

const places = new Map([...measuredLetters].map((letter, at) => [letter, at]));
const tables = new Map<string, readonly number[]>();

function tableOf(font: FontName, isBold: boolean): readonly number[] {
  const key = `${font} ${String(isBold)}`;
  const known = tables.get(key);
  if (known) return known;
  const read = letterWidths[font][isBold ? 'bold' : 'plain'].split(' ').map(Number);
  tables.set(key, read);
  return read;
}

/** How a run of letters is set; its size in slide units. */
interface Setting {
  readonly font: FontName;
  readonly isBold: boolean;
  readonly size: number;
  /** Room between letters, in letter sizes. */
  readonly tracking: number;
}

function widthOf(words: string, { font, isBold, size, tracking }: Setting): number {
  const table = tableOf(font, isBold);
  let sum = 0;
  for (const letter of words) {
    const at = places.get(letter);
    const width = at === undefined ? unknownWidth(letter) : (table[at] ?? 0) / 1000;
    sum += width + tracking;
  }
  return sum * size;
}

function unknownWidth(letter: string): number {
  return /[\u1100-\u11ff\u2e80-\ua4cf\uac00-\ud7af\uf900-\ufaff\uff00-\uff60]|\p{Extended_Pictographic}/u.test(letter)
    ? UNKNOWN.wide
    : UNKNOWN.narrow;
}

/** How high a text is in a column, in slide units, and how wide its widest line. */
export interface TextRoom {
  readonly height: number;
  readonly width: number;
}

/**
 * Measures a text in a column as wide as `width`.
 * @param fonts those of the theme, which stand for what a look leaves open
 * @param part of their size to which all letters shrink
 * @param formulas the drawings of formulas among the words
 */
export function roomOf(
  text: RichText,
  look: TextLook,
  fonts: { readonly headingFont: FontName; readonly textFont: FontName },
  width: number,
  part = 1,
  formulas: FormulaDrawings = {},
): TextRoom {
  const usual: Setting = {
    font: look.font ?? (look.heading ? fonts.headingFont : fonts.textFont),
    isBold: (look.weight ?? (look.heading ? 700 : 400)) >= BOLD_FROM,
    size: look.size * part,
    tracking: look.tracking ?? 0,
  };
  const spacing = look.lineSpacing ?? (look.heading ? LINE.heading : LINE.words);
  let [height, widest] = [0, 0];
  const add = (block: Block, left: number) => {
    if (block.type === 'paragraph') {
      const column = Math.max(usual.size, width - left);
      const room = paragraphRoom(block.content ?? [], { usual, part, width: column, spacing, formulas });
      height += room.heights.reduce((sum, line) => sum + line * spacing, 0);
      widest = Math.max(widest, left + room.width);
    } else if (block.type === 'blockquote') {
      height += 0.4 * usual.size;
      for (const inner of block.content) add(inner, left + SET_IN.quote * usual.size);
    } else
      for (const item of block.content) for (const inner of item.content) add(inner, left + SET_IN.list * usual.size);
  };
  for (const block of text.content) add(block, 0);
  return { height, width: Math.min(width, widest) };
}

/** What a paragraph is set with: its letters, its column, and the drawings of its formulas. */
interface ParagraphSetting {
  readonly usual: Setting;
  readonly part: number;
  readonly width: number;
  /** From one line to the next, in letter sizes. */
  readonly spacing: number;
  readonly formulas: FormulaDrawings;
}

/** The heights of a paragraph's lines, in letter sizes of the largest letters on each, and its widest line. */
function paragraphRoom(
  content: readonly (TextRun | { readonly type: 'hardBreak' })[],
  { usual, part, width, spacing, formulas }: ParagraphSetting,
): { readonly heights: readonly number[]; readonly width: number } {
  const heights: number[] = [];
  let [line, tallest, widest] = [0, usual.size, 0];
  const end = () => {
    heights.push(tallest);
    widest = Math.max(widest, line);
    [line, tallest] = [0, usual.size];
  };
  const addWords = (words: string, setting: Setting) => {
    // A line breaks after spaces and hyphens; letters without spaces break anywhere.
    for (const word of words.match(/[^\s-]*[\s-]+|[^\s-]+/g) ?? []) {
      const shown = widthOf(word.trimEnd(), setting);
      if (line > 0 && line + shown > width) end();
      // A word wider than the column is broken.
      const rows = Math.max(1, Math.ceil(shown / width));
      for (let row = 1; row < rows; row += 1) {
        tallest = Math.max(tallest, setting.size);
        line = width;
        end();
      }
      line += rows > 1 ? shown - (rows - 1) * width : widthOf(word, setting);
      tallest = Math.max(tallest, setting.size);
    }
  };
  /** A formula is as wide as its drawing, and its line at least as high. */
  const addFormula = (drawing: FormulaDrawing, byItself: boolean, { size }: Setting) => {
    const shown = (drawing.width / 1000) * size;
    if (line > 0 && (byItself || line + shown > width)) end();
    const high = ((drawing.height + drawing.depth) / 1000) * size + (byItself ? BY_ITSELF * size : 0);
    line += shown;
    tallest = Math.max(tallest, size, high / spacing);
    if (byItself) end();
  };
  for (const inline of content) {
    if (inline.type === 'hardBreak') {
      end();
      continue;
    }
    const setting = settingOf(inline, usual, part);
    for (const each of formulaParts(inline.text)) {
      const drawing = each.is === 'formula' ? formulas[each.source] : undefined;
      if (each.is === 'formula' && drawing && isDrawn(drawing)) addFormula(drawing, each.byItself, setting);
      else addWords(each.is === 'formula' ? each.source : each.text, setting);
    }
  }
  if (line > 0 || heights.length === 0 || content.at(-1)?.type === 'hardBreak') end();
  return { heights, width: widest };
}

function settingOf({ marks = [] }: TextRun, usual: Setting, part: number): Setting {
  let setting = usual;
  for (const mark of marks) {
    if (mark.type === 'bold') setting = { ...setting, isBold: true };
    if (mark.type === 'textStyle')
      setting = {
        ...setting,
        font: mark.attrs.font ?? setting.font,
        size: mark.attrs.fontSize === null ? setting.size : mark.attrs.fontSize * part,
      };
  }
  return setting;
}
