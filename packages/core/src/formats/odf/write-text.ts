/** Writes texts of OpenDocument: paragraphs in their lists, spans with their look, links. */
import {
  colourIn,
  type Destination,
  type FontName,
  type RichText,
  type TextLook,
  type TextMark,
  type TextRun,
  type Theme,
} from '../../deck/index.js';
import { FONT_FAMILIES } from '../presentation/font-families.js';
import { write, type Written } from '../xml/index.js';
import { length } from './names.js';
import type { StyleSheet } from './style-sheet.js';

/** What writing texts needs of what is around them. */
export interface TextAround {
  readonly theme: Theme;
  readonly styles: StyleSheet;
  /** Where a link leads, as an address; `null` where files know no such place. */
  readonly address: (destination: Destination) => string | null;
}

/** From this weight on letters are bold. */
const BOLD = 600;
/** How far a level is set in, in letter sizes. */
const INDENT = 1.3;

/** How letters are set, by a look. */
export function letterProperties(look: TextLook, { theme }: Pick<TextAround, 'theme'>): Written {
  const isBold = look.weight === null ? look.heading : look.weight >= BOLD;
  const font = look.font ?? (look.heading ? theme.headingFont : theme.textFont);
  return write('style:text-properties', {
    ...fontAttributes(font),
    'fo:font-size': length(look.size),
    'fo:font-weight': isBold ? 'bold' : 'normal',
    'fo:color': colourIn(theme, look.color),
    'fo:letter-spacing': look.tracking === null ? undefined : length(look.tracking * look.size),
  });
}

function fontAttributes(font: FontName): Written['attributes'] {
  return { 'style:font-name': FONT_FAMILIES[font], 'fo:font-family': `'${FONT_FAMILIES[font]}'` };
}

const aligns = { left: 'start', center: 'center', right: 'end', justify: 'justify' } as const;

/** How paragraphs are set, by a look. */
export function paragraphProperties({ align, lineSpacing }: Pick<TextLook, 'align' | 'lineSpacing'>): Written {
  return write('style:paragraph-properties', {
    'fo:text-align': aligns[align],
    'fo:line-height': lineSpacing === null ? undefined : `${String(Math.round((lineSpacing / LINE) * 1000) / 10)}%`,
  });
}

/** The height of an ordinary line, in letter sizes: what a hundred per cent are. */
export const LINE = 1.2;

/** The blocks of a text. @param look of its item, which each paragraph is set by */
export function writeBlocks(text: RichText, look: TextLook, around: TextAround): readonly Written[] {
  return text.content.map((block) => writeBlock(block, look, around));
}

type Block = RichText['content'][number];

function writeBlock(block: Block, look: TextLook, around: TextAround): Written {
  if (block.type === 'paragraph') return writeParagraph(block, look, around);
  if (block.type === 'blockquote') {
    // A quote is a list without signs.
    const content = block.content.map((inner) => writeBlock(inner, look, around));
    return write(
      'text:list',
      { 'text:style-name': listStyle('quote', look, around) },
      write('text:list-item', {}, ...content),
    );
  }
  const items = block.content.map(({ content }) =>
    write('text:list-item', {}, ...content.map((inner) => writeBlock(inner, look, around))),
  );
  return write('text:list', { 'text:style-name': listStyle(block.type, look, around) }, ...items);
}

function listStyle(kind: 'bulletList' | 'orderedList' | 'quote', look: TextLook, { styles }: TextAround): string {
  return styles.keep(`list ${kind}`, 'list', (name) =>
    write(
      'text:list-style',
      { 'style:name': name },
      ...Array.from({ length: 10 }, (_none, level) => {
        const set = write('style:list-level-properties', {
          'text:space-before': length(level * INDENT * look.size),
          'text:min-label-width': length(INDENT * look.size),
        });
        const at = { 'text:level': level + 1 };
        if (kind === 'orderedList')
          return write(
            'text:list-level-style-number',
            { ...at, 'style:num-format': '1', 'style:num-suffix': '.' },
            set,
          );
        if (kind === 'quote') return write('text:list-level-style-number', { ...at, 'style:num-format': '' }, set);
        return write('text:list-level-style-bullet', { ...at, 'text:bullet-char': '•' }, set);
      }),
    ),
  );
}

function writeParagraph(
  { attrs, content = [] }: Extract<Block, { readonly type: 'paragraph' }>,
  look: TextLook,
  around: TextAround,
): Written {
  const align = attrs?.textAlign ?? look.align;
  const style = around.styles.style('paragraph', [
    paragraphProperties({ align, lineSpacing: look.lineSpacing }),
    letterProperties(look, around),
  ]);
  const runs = content.map((inline) =>
    inline.type === 'hardBreak' ? write('text:line-break') : writeRun(inline, around),
  );
  return write('text:p', { 'text:style-name': style }, ...runs);
}

function writeRun({ text, marks = [] }: TextRun, around: TextAround): Written {
  const of = <Type extends TextMark['type']>(type: Type) =>
    marks.find((mark): mark is Extract<TextMark, { readonly type: Type }> => mark.type === type);
  const own = of('textStyle')?.attrs;
  const highlight = of('highlight');
  const link = of('link');
  const properties = {
    ...(own?.font ? fontAttributes(own.font) : {}),
    'fo:font-size': own?.fontSize ? length(own.fontSize) : undefined,
    'fo:color': own?.color ? colourIn(around.theme, own.color) : undefined,
    'fo:font-weight': of('bold') ? 'bold' : undefined,
    'fo:font-style': of('italic') ? 'italic' : undefined,
    'style:text-position': of('superscript') ? 'super 58%' : of('subscript') ? 'sub 58%' : undefined,
    'fo:background-color': highlight ? colourIn(around.theme, highlight.attrs.color) : undefined,
  };
  const isPlain = Object.values(properties).every((value) => value === undefined);
  const style = isPlain ? undefined : around.styles.style('text', [write('style:text-properties', properties)]);
  const address = link ? around.address(link.attrs.destination) : null;
  const span = write('text:span', { 'text:style-name': style }, ...letters(text));
  return address === null ? span : write('text:a', { 'xlink:href': address, 'xlink:type': 'simple' }, span);
}

/** Letters, with spaces that stand beside others as elements: else readers make one of them. */
export function letters(text: string): readonly (Written | string)[] {
  return text.split(/(\t|^ | {2,}| $)/).flatMap((part): (Written | string)[] => {
    if (part === '') return [];
    if (part === '\t') return [write('text:tab')];
    return /^ +$/.test(part) ? [write('text:s', { 'text:c': part.length })] : [part];
  });
}
