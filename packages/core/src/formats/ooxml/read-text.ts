/** Reads texts: how each level is set by whatever stands above it, what runs have of their own, lists, and links. */
import type { Destination, FontName, TextAlign } from '../../deck/index.js';
import { fontOf } from '../presentation/font-families.js';
import type { FoundLetters, FoundParagraph, FoundRun } from '../presentation/found-text.js';
import type { ParagraphMark } from '../presentation/paragraphs.js';
import { childAt, childrenOf, type XmlElement, wordsIn } from '../xml/index.js';
import { EMU, LETTER } from './names.js';
import { colourIn, type ColourScheme, type FoundColour } from './read-colours.js';
import { LINE } from './write-text.js';

/** The fonts of a theme. */
export interface FoundFonts {
  readonly heading: string;
  readonly text: string;
}

/** What reading texts needs of what is around them. */
export interface TextAround {
  readonly colours: ColourScheme;
  readonly fonts: FoundFonts;
  /** Where a link leads; `null` where it cannot be followed here. */
  readonly link: (element: XmlElement) => Destination | null;
  /** Told of a font that is not ours, and of what is a formula. */
  readonly lose: (part: 'fonts' | 'formulas') => void;
}

/** The usual size of letters, in slide units: 18 points. */
const USUAL_SIZE = 24;

/** The letters of a text of which nobody says anything. */
export const USUAL_LETTERS: FoundLetters = {
  size: USUAL_SIZE,
  color: 'words',
  font: null,
  heading: false,
  isBold: false,
  isItalic: false,
  raised: null,
  highlight: null,
};

/**
 * The paragraphs of a text body.
 * @param styles lists of levels that hold for it, the weakest first
 * @param color of its letters where nothing says one
 */
export function readParagraphs(
  body: XmlElement | null,
  styles: readonly (XmlElement | null)[],
  color: FoundColour | null,
  around: TextAround,
): readonly FoundParagraph[] {
  const own = childAt(body, 'a:lstStyle');
  const letters = color ? { ...USUAL_LETTERS, color: color.color } : USUAL_LETTERS;
  return childrenOf(body, 'a:p').map((paragraph) => {
    const properties = childAt(paragraph, 'a:pPr');
    const level = Math.min(8, Math.max(0, Number(properties?.attributes['lvl'] ?? 0)));
    const chain = [...styles, own].map((style) => levelOf(style, level)).filter((each) => each !== null);
    const all = properties ? [...chain, properties] : chain;
    const set = chain.reduce((found, each) => withRunProperties(found, childAt(each, 'a:defRPr'), around), letters);
    return {
      ...markOf(all, level),
      align: alignOf(all),
      lineSpacing: spacingOf(all),
      runs: childrenOf(paragraph).flatMap((child) => runOf(child, set, around)),
    };
  });
}

/** How letters are set at the outermost level of a text. */
export function usualLetters(
  styles: readonly (XmlElement | null)[],
  color: FoundColour | null,
  around: TextAround,
): FoundLetters {
  const letters = color ? { ...USUAL_LETTERS, color: color.color } : USUAL_LETTERS;
  return styles.reduce(
    (found, style) => withRunProperties(found, childAt(levelOf(style, 0), 'a:defRPr'), around),
    letters,
  );
}

function levelOf(style: XmlElement | null, level: number): XmlElement | null {
  return childAt(style, `a:lvl${level + 1}pPr`) ?? (level === 0 ? childAt(style, 'a:defPPr') : null);
}

function runOf(child: XmlElement, set: FoundLetters, around: TextAround): readonly FoundRun[] {
  if (child.name === 'a:br') return [{ is: 'break' }];
  if (child.name === 'm') {
    around.lose('formulas');
    return [{ is: 'letters', text: wordsIn(child), letters: set, link: null }];
  }
  if (child.name !== 'a:r' && child.name !== 'a:fld') return [];
  const properties = childAt(child, 'a:rPr');
  const text = childrenOf(child, 'a:t').map(wordsIn).join('');
  if (text === '') return [];
  const pressed = childAt(properties, 'a:hlinkClick');
  const letters = withRunProperties(set, properties, around);
  const run = (words: string): FoundRun => ({
    is: 'letters',
    text: words,
    letters,
    link: pressed && around.link(pressed),
  });
  // A vertical tab is a line break, as some writers have it.
  return text
    .replaceAll('\v', '\n')
    .split('\n')
    .flatMap((words, at): FoundRun[] => [
      ...(at > 0 ? [{ is: 'break' as const }] : []),
      ...(words ? [run(words)] : []),
    ]);
}

function withRunProperties(letters: FoundLetters, properties: XmlElement | null, around: TextAround): FoundLetters {
  if (!properties) return letters;
  const { attributes } = properties;
  const size = attributes['sz'];
  const bold = attributes['b'];
  const italic = attributes['i'];
  const raised = attributes['baseline'];
  const color = colourIn(childAt(properties, 'a:solidFill'), around.colours);
  const gradient = color ? null : colourIn(childAt(properties, 'a:gradFill', 'a:gsLst', 'a:gs'), around.colours);
  const highlight = colourIn(childAt(properties, 'a:highlight'), around.colours);
  const family = childAt(properties, 'a:latin')?.attributes['typeface'];
  return {
    ...letters,
    ...(size === undefined ? {} : { size: Number(size) / LETTER || letters.size }),
    ...(bold === undefined ? {} : { isBold: isTrue(bold) }),
    ...(italic === undefined ? {} : { isItalic: isTrue(italic) }),
    ...(raised === undefined ? {} : { raised: raisedBy(raised) }),
    ...((color ?? gradient) ? { color: (color ?? gradient)?.color ?? letters.color } : {}),
    ...(highlight ? { highlight: highlight.color } : {}),
    ...(family ? fontsOf(family, around) : {}),
  };
}

function fontsOf(family: string, around: TextAround): { readonly font: FontName | null; readonly heading: boolean } {
  if (family.startsWith('+mj')) return { font: null, heading: true };
  if (family.startsWith('+mn')) return { font: null, heading: false };
  if (family === around.fonts.text) return { font: null, heading: false };
  const { font, isOurs } = fontOf(family);
  if (!isOurs && family !== around.fonts.heading) around.lose('fonts');
  return { font, heading: false };
}

function raisedBy(baseline: string): FoundLetters['raised'] {
  const by = Number(baseline.replace('%', ''));
  return by > 0 ? 'superscript' : by < 0 ? 'subscript' : null;
}

/** Whether an attribute says yes. */
export function isTrue(written: string | undefined): boolean {
  return written === '1' || written === 'true' || written === 'on';
}

const aligns: Readonly<Record<string, TextAlign>> = { l: 'left', ctr: 'center', r: 'right', just: 'justify' };

function alignOf(chain: readonly XmlElement[]): TextAlign {
  const written = chain.findLast(({ attributes }) => attributes['algn'] !== undefined)?.attributes['algn'];
  return aligns[written ?? 'l'] ?? 'left';
}

function spacingOf(chain: readonly XmlElement[]): number | null {
  const found = chain.findLast((each) => childAt(each, 'a:lnSpc', 'a:spcPct') !== null);
  const written = childAt(found, 'a:lnSpc', 'a:spcPct')?.attributes['val'];
  if (written === undefined) return null;
  const part = written.endsWith('%') ? Number(written.slice(0, -1)) / 100 : Number(written) / 100_000;
  return part > 0 ? Math.round(part * LINE * 1000) / 1000 : null;
}

/** What stands before a paragraph, and how deep it is in lists. */
function markOf(chain: readonly XmlElement[], level: number): { readonly mark: ParagraphMark; readonly level: number } {
  const own = chain.at(-1);
  const listed = chain.findLast((each) =>
    ['a:buNone', 'a:buChar', 'a:buAutoNum', 'a:buBlip'].some((name) => childAt(each, name) !== null),
  );
  if (childAt(listed, 'a:buAutoNum')) return { mark: 'number', level };
  if (childAt(listed, 'a:buChar') ?? childAt(listed, 'a:buBlip')) return { mark: 'bullet', level };
  const left = Number(own?.attributes['marL'] ?? 0) / EMU;
  if (childAt(own, 'a:buNone') && left > 0 && Number(own?.attributes['marR'] ?? 0) > 0) return { mark: 'quote', level };
  if (childAt(own, 'a:buNone') && left > 0 && Number(own?.attributes['indent'] ?? 0) === 0 && chain.length > 1)
    return { mark: 'within', level };
  return { mark: 'none', level: 0 };
}
