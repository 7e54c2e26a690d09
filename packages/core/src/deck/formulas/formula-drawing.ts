/**
 * A formula as it is drawn and read out. Drawing TeX takes a large library; so whoever writes a formula draws it once, and
 * its item carries the drawing to every screen, page and file: students' devices need nothing for it.
 */
import { type Fields, readFields, readNumber, readString } from '../model/reading.js';

/** The drawing of a formula. All lengths are thousandths of the size of the letters around it. */
export interface FormulaDrawing {
  readonly width: number;
  /** From its top to the line that letters stand on, and from there to its bottom. */
  readonly height: number;
  readonly depth: number;
  /** SVG path data, from the left end of that line, downwards; '' where the TeX says nothing that can be drawn. */
  readonly outline: string;
  /** Letters that the library has no drawings of. */
  readonly words: readonly FormulaWords[];
  /** What it says, as MathML, for whoever has it read out; `null` where there is none. */
  readonly spoken: MathNode | null;
}

/** Letters within a formula. */
export interface FormulaWords {
  readonly text: string;
  readonly x: number;
  readonly y: number;
  readonly size: number;
}

/** An element of MathML: with letters in it, or with other elements. */
export interface MathNode {
  readonly is: MathTag;
  readonly says?: string;
  readonly holds?: readonly MathNode[];
}

/** The elements of MathML Core that formulas are made of. */
export const mathTags = [
  'math',
  'mrow',
  'mi',
  'mn',
  'mo',
  'mtext',
  'mspace',
  'mfrac',
  'msqrt',
  'mroot',
  'msub',
  'msup',
  'msubsup',
  'munder',
  'mover',
  'munderover',
  'mmultiscripts',
  'mprescripts',
  'mtable',
  'mtr',
  'mtd',
] as const;

/** An element of MathML. */
export type MathTag = (typeof mathTags)[number];

/** The drawings of an item's formulas, each by what was typed. */
export type FormulaDrawings = Readonly<Record<string, FormulaDrawing>>;

/** The most formulas that one item carries drawings of. */
export const MOST_FORMULAS = 60;

const LONGEST_OUTLINE = 60_000;
/** Path data and nothing else: what is drawn is put into a page. */
const OUTLINE = /^[MmLlHhVvCcSsQqTtAaZz0-9eE\s.,+-]*$/;
const MOST_NODES = 2000;
const DEEPEST_NODE = 60;
/** No formula is wider or higher: some hundred letters. */
const LARGEST = 200_000;

/** Drawings from untrusted JSON; what is none is left out. */
export function readFormulas(value: unknown): FormulaDrawings {
  const entries = Object.entries(readFields(value) ?? {}).slice(0, MOST_FORMULAS);
  return Object.fromEntries(
    entries.flatMap(([source, entry]) => {
      const fields = readFields(entry);
      return fields ? [[source, readDrawing(fields)]] : [];
    }),
  );
}

function readDrawing(fields: Fields): FormulaDrawing {
  const length = (name: string, least = 0) => readNumber(fields[name], 0, least, LARGEST);
  const outline = readString(fields['outline'], '', LONGEST_OUTLINE);
  const words = Array.isArray(fields['words']) ? fields['words'].slice(0, MOST_FORMULAS) : [];
  return {
    width: length('width'),
    height: length('height', -LARGEST),
    depth: length('depth', -LARGEST),
    outline: OUTLINE.test(outline) ? outline : '',
    words: words.flatMap((entry: unknown) => {
      const each = readFields(entry);
      return each ? [readWords(each)] : [];
    }),
    spoken: readMath(fields['spoken'], { nodes: MOST_NODES }, 0),
  };
}

function readWords(fields: Fields): FormulaWords {
  return {
    text: readString(fields['text'], '', 200),
    x: readNumber(fields['x'], 0, -LARGEST, LARGEST),
    y: readNumber(fields['y'], 0, -LARGEST, LARGEST),
    size: readNumber(fields['size'], 1000, 1, LARGEST),
  };
}

function readMath(value: unknown, room: { nodes: number }, depth: number): MathNode | null {
  const fields = readFields(value);
  const is = mathTags.find((tag) => tag === fields?.['is']);
  if (!fields || !is || depth > DEEPEST_NODE || room.nodes <= 0) return null;
  room.nodes -= 1;
  if (typeof fields['says'] === 'string') return { is, says: readString(fields['says'], '', 400) };
  const holds = (Array.isArray(fields['holds']) ? fields['holds'] : []).flatMap(
    (entry: unknown) => readMath(entry, room, depth + 1) ?? [],
  );
  return holds.length > 0 ? { is, holds } : { is };
}

/** Whether there is anything to be seen of a drawing. */
export function isDrawn({ outline, words }: FormulaDrawing): boolean {
  return outline !== '' || words.length > 0;
}

/** The drawing of a formula that says nothing that can be drawn: kept, so that nobody tries again. */
export const NOT_DRAWN: FormulaDrawing = { width: 0, height: 0, depth: 0, outline: '', words: [], spoken: null };
