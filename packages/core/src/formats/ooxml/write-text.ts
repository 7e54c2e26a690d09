/** Writes texts: paragraphs with lists and levels, runs with their look, links. */
import {
  type Destination,
  type FontName,
  isColourName,
  type RichText,
  type TextLook,
  type TextMark,
  type TextRun,
} from '../../deck/index.js';
import { FONT_FAMILIES } from '../presentation/font-families.js';
import { flatParagraphs, type FlatParagraph } from '../presentation/paragraphs.js';
import { write, type Written } from '../xml/index.js';
import { EMU, LETTER } from './names.js';

/** The names of our colours in a colour map. */
export const schemeNames = {
  ground: 'bg1',
  words: 'tx1',
  soft: 'tx2',
  accent: 'accent1',
  second: 'accent2',
  third: 'accent3',
} as const;

/** A colour, by its name where it has one. @param opacity 0 (not to be seen) to 1 */
export function writeColour(colour: string, opacity = 1): Written {
  const alpha = opacity < 1 ? [write('a:alpha', { val: Math.round(opacity * 100_000) })] : [];
  if (isColourName(colour)) return write('a:schemeClr', { val: schemeNames[colour] }, ...alpha);
  return write('a:srgbClr', { val: colour.slice(1).toUpperCase() }, ...alpha);
}

/** A ground of one colour, or none. */
export function writeFill(colour: string, opacity = 1): Written {
  return colour === 'transparent' ? write('a:noFill') : write('a:solidFill', {}, writeColour(colour, opacity));
}

/** What a link becomes: an element of the given name, or nothing. */
export type WriteLink = (destination: Destination, name: 'a:hlinkClick') => Written | null;

/** How far a level is set in, in slide units. */
const INDENT = 36;
/** The height of an ordinary line, in letter sizes: what a hundred per cent are. */
export const LINE = 1.2;
/** From this weight on letters are bold. */
export const BOLD = 600;

const aligns = { left: 'l', center: 'ctr', right: 'r', justify: 'just' } as const;
const anchors = { top: 't', middle: 'ctr', bottom: 'b' } as const;

/** Where text stands in its box, and what happens when it has no room. @param inset in slide units, on all sides */
export function writeBody(look: TextLook, inset = 0): Written {
  const fit = { leave: 'a:noAutofit', shrink: 'a:normAutofit', grow: 'a:spAutoFit' }[look.fit];
  const side = Math.round(inset * EMU);
  return write(
    'a:bodyPr',
    { wrap: 'square', lIns: side, tIns: side, rIns: side, bIns: side, rtlCol: 0, anchor: anchors[look.upright] },
    write(fit),
  );
}

/** What a look says of all letters and paragraphs of a text, for each level. */
export function writeListStyle(look: TextLook, levels = 9): Written {
  const each = Array.from({ length: levels }, (_none, level) =>
    write(
      `a:lvl${level + 1}pPr`,
      { marL: 0, indent: 0, algn: aligns[look.align] },
      ...spacing(look),
      write('a:buNone'),
      writeLetters('a:defRPr', look),
    ),
  );
  return write('a:lstStyle', {}, ...each);
}

function spacing({ lineSpacing }: TextLook): readonly Written[] {
  if (lineSpacing === null) return [];
  return [write('a:lnSpc', {}, write('a:spcPct', { val: Math.round((lineSpacing / LINE) * 100_000) }))];
}

function writeLetters(name: string, look: TextLook): Written {
  const isBold = look.weight === null ? look.heading : look.weight >= BOLD;
  const family = look.font ? FONT_FAMILIES[look.font] : look.heading ? '+mj-lt' : '+mn-lt';
  return write(
    name,
    {
      sz: Math.round(look.size * LETTER),
      b: isBold ? 1 : 0,
      i: 0,
      ...(look.tracking === null ? {} : { spc: Math.round(look.tracking * look.size * LETTER) }),
    },
    writeFill(look.color),
    write('a:latin', { typeface: family }),
  );
}

/** The paragraphs of a text. */
export function writeParagraphs(text: RichText, writeLink: WriteLink, language: string): readonly Written[] {
  return flatParagraphs(text).map((paragraph) =>
    write('a:p', {}, ...paragraphProperties(paragraph), ...runs(paragraph, writeLink, language)),
  );
}

function paragraphProperties({ mark, level, align }: FlatParagraph): readonly Written[] {
  const aligned = align === null ? {} : { algn: aligns[align] };
  if (mark === 'none') return align === null ? [] : [write('a:pPr', aligned)];
  const left = Math.round((level + 1) * INDENT * EMU);
  const hangs = mark === 'bullet' || mark === 'number' ? -Math.round(INDENT * EMU) : 0;
  const bullet = {
    bullet: write('a:buChar', { char: '•' }),
    number: write('a:buAutoNum', { type: 'arabicPeriod' }),
    within: write('a:buNone'),
    quote: write('a:buNone'),
  }[mark];
  const font = mark === 'bullet' ? [write('a:buFont', { typeface: 'Arial' })] : [];
  // A quote is set in from the right as well, by which it is told from a paragraph within a list.
  const right = mark === 'quote' ? { marR: Math.round(INDENT * EMU) } : {};
  return [write('a:pPr', { marL: left, ...right, lvl: level, indent: hangs, ...aligned }, ...font, bullet)];
}

function runs({ content }: FlatParagraph, writeLink: WriteLink, language: string): readonly Written[] {
  return content.map((inline) => {
    if (inline.type === 'hardBreak') return write('a:br');
    return write('a:r', {}, runProperties(inline, writeLink, language), write('a:t', {}, inline.text));
  });
}

function runProperties({ marks = [] }: TextRun, writeLink: WriteLink, language: string): Written {
  const of = <Type extends TextMark['type']>(type: Type) =>
    marks.find((mark): mark is Extract<TextMark, { readonly type: Type }> => mark.type === type);
  const style = of('textStyle')?.attrs;
  const link = of('link');
  const highlight = of('highlight');
  const written = link ? writeLink(link.attrs.destination, 'a:hlinkClick') : null;
  const fonts = (font: FontName) => [write('a:latin', { typeface: FONT_FAMILIES[font] })];
  return write(
    'a:rPr',
    {
      lang: language,
      ...(style?.fontSize ? { sz: Math.round(style.fontSize * LETTER) } : {}),
      ...(of('bold') ? { b: 1 } : {}),
      ...(of('italic') ? { i: 1 } : {}),
      ...(of('subscript') ? { baseline: -25_000 } : of('superscript') ? { baseline: 30_000 } : {}),
    },
    ...(style?.color ? [writeFill(style.color)] : []),
    ...(highlight ? [write('a:highlight', {}, writeColour(highlight.attrs.color))] : []),
    ...(style?.font ? fonts(style.font) : []),
    ...(written ? [written] : []),
  );
}
