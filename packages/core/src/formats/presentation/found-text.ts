/** Words found in a presentation file, as a text here: its look is what most of its letters have, the rest are marks. */
import {
  type Destination,
  type FontName,
  type HardBreak,
  PLAIN_LOOK,
  type RichText,
  type StyledProperty,
  styledProperties,
  type TextAlign,
  type TextLook,
  type TextMark,
  type TextRun,
  type TextStyleName,
  type Theme,
} from '../../deck/index.js';
import { type ParagraphMark, textOfParagraphs } from './paragraphs.js';

/** How letters are set. */
export interface FoundLetters {
  /** In slide units. */
  readonly size: number;
  /** By name or as `#rrggbb`. */
  readonly color: string;
  /** `null` for the font of headings or of texts. */
  readonly font: FontName | null;
  readonly heading: boolean;
  readonly isBold: boolean;
  readonly isItalic: boolean;
  readonly raised: 'subscript' | 'superscript' | null;
  /** `null` for none. */
  readonly highlight: string | null;
}

/** Letters that are set alike, or a break of the line. */
export type FoundRun =
  | { readonly is: 'letters'; readonly text: string; readonly letters: FoundLetters; readonly link: Destination | null }
  | { readonly is: 'break' };

/** A paragraph. */
export interface FoundParagraph {
  readonly mark: ParagraphMark;
  readonly level: number;
  readonly align: TextAlign;
  /** From one line to the next, in letter sizes; `null` for the usual distance. */
  readonly lineSpacing: number | null;
  readonly runs: readonly FoundRun[];
}

/** A text, and the look of most of it. */
export interface FoundText {
  readonly text: RichText;
  readonly look: TextLook;
}

/** The weight of bold letters. */
const BOLD = 700;

/**
 * A text of some paragraphs. @param usual how letters are set where there are none
 */
export function foundText(paragraphs: readonly FoundParagraph[], usual: FoundLetters): FoundText {
  const runs = paragraphs.flatMap((paragraph) => paragraph.runs.flatMap((run) => (run.is === 'letters' ? [run] : [])));
  const most = <Value>(of: (letters: FoundLetters) => Value): Value => {
    const counts = new Map<Value, number>();
    for (const { text, letters } of runs) counts.set(of(letters), (counts.get(of(letters)) ?? 0) + text.length);
    return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? of(usual);
  };
  const size = most((letters) => Math.round(letters.size * 100) / 100);
  const color = most((letters) => letters.color);
  // A mark says which other font letters are in, but not that they are in none of their own.
  const font = runs.every(({ letters }) => letters.font === runs[0]?.letters.font)
    ? most((letters) => letters.font)
    : null;
  const heading = most((letters) => letters.heading);
  // There is no mark for letters that are less bold than others.
  const isBold = runs.length > 0 ? runs.every(({ letters }) => letters.isBold) : usual.isBold;
  const align = paragraphs[0]?.align ?? 'left';
  const isUsual = isBold === heading;
  const look: TextLook = {
    ...PLAIN_LOOK,
    size,
    color,
    font,
    heading,
    align,
    lineSpacing: paragraphs[0]?.lineSpacing ?? null,
    weight: isUsual ? null : isBold ? BOLD : 400,
  };
  const text = textOfParagraphs(
    paragraphs.map((paragraph) => ({
      mark: paragraph.mark,
      level: paragraph.level,
      align: paragraph.align === align ? null : paragraph.align,
      content: paragraph.runs.map((run): TextRun | HardBreak => {
        if (run.is === 'break') return { type: 'hardBreak' };
        const marks = marksOf(run.letters, look, isBold, run.link);
        return { type: 'text', text: run.text, ...(marks.length > 0 ? { marks } : {}) };
      }),
    })),
  );
  return { text, look };
}

/** The marks that set letters otherwise than the look does; sorted by type. */
function marksOf(
  letters: FoundLetters,
  look: TextLook,
  isBold: boolean,
  link: Destination | null,
): readonly TextMark[] {
  const { size, color, font, isItalic, raised, highlight } = letters;
  const own = {
    // Linked words are coloured as links.
    color: color === look.color || link ? null : color,
    fontSize: Math.abs(size - look.size) < 0.2 ? null : size,
    font: font === look.font ? null : font,
  };
  const hasOwn = own.color !== null || own.fontSize !== null || own.font !== null;
  return [
    ...(letters.isBold && !isBold ? [{ type: 'bold' as const }] : []),
    ...(highlight === null ? [] : [{ type: 'highlight' as const, attrs: { color: highlight } }]),
    ...(isItalic ? [{ type: 'italic' as const }] : []),
    ...(link ? [{ type: 'link' as const, attrs: { destination: link } }] : []),
    ...(raised === null ? [] : [{ type: raised }]),
    ...(hasOwn ? [{ type: 'textStyle' as const, attrs: own }] : []),
  ];
}

/** A look that goes by a style of a theme, with what is otherwise there as its own. */
export function goingBy(theme: Theme, look: TextLook, style: TextStyleName): TextLook {
  const of = theme.styles[style];
  const isBold = (weight: number | null, heading: boolean) => (weight === null ? heading : weight >= 600);
  const fontIn = ({ font, heading }: Pick<TextLook, 'font' | 'heading'>) =>
    font ?? (heading ? theme.headingFont : theme.textFont);
  const isOther = fontIn(look) !== fontIn(of);
  const differs: Readonly<Record<StyledProperty, boolean>> = {
    size: Math.abs(look.size - of.size) > 0.5,
    color: look.color !== of.color,
    heading: isOther && look.heading !== of.heading,
    font: isOther,
    weight: isBold(look.weight, look.heading) !== isBold(of.weight, of.heading),
    lineSpacing: Math.abs((look.lineSpacing ?? of.lineSpacing ?? 0) - (of.lineSpacing ?? 0)) > 0.02,
    tracking: false,
  };
  const own = styledProperties.filter((property) => differs[property]);
  const kept = Object.fromEntries(own.map((property) => [property, look[property]]));
  return { ...look, ...of, ...kept, style, own: own.toSorted() };
}
