/** Reads texts of OpenDocument: paragraphs, lists within lists, spans, links. */
import type { Destination, TextAlign } from '../../deck/index.js';
import { fontOf } from '../presentation/font-families.js';
import type { FoundLetters, FoundParagraph, FoundRun } from '../presentation/found-text.js';
import { DEEPEST_LEVEL, type ParagraphMark } from '../presentation/paragraphs.js';
import { childrenOf, type XmlElement } from '../xml/index.js';
import { readLength, readPart } from './names.js';
import type { FoundProperties, FoundStyles } from './read-styles.js';
import { LINE } from './write-text.js';

/** What reading texts needs of what is around them. */
export interface TextAround {
  readonly styles: FoundStyles;
  /** The families of the theme that the document makes. */
  readonly fonts: { readonly heading: string; readonly text: string };
  /** The name of ours for a colour as `#rrggbb`, where the theme has one; else the colour. */
  readonly colour: (hex: string) => string;
  readonly link: (address: string) => Destination | null;
  readonly lose: (part: 'fonts' | 'formulas') => void;
}

/** How letters are set where nobody says anything. */
export const USUAL_LETTERS: FoundLetters = {
  size: 24,
  color: '#000000',
  font: null,
  heading: false,
  isBold: false,
  isItalic: false,
  raised: null,
  highlight: null,
};

/** Where a paragraph stands in lists. */
interface Place {
  readonly mark: ParagraphMark;
  readonly level: number;
}

/** The paragraphs in an element, in the order of the document. @param usual how its letters are set */
export function readBlocks(parent: XmlElement, usual: FoundLetters, around: TextAround): readonly FoundParagraph[] {
  return blocksIn(parent, usual, around, { mark: 'none', level: 0 }, undefined);
}

function blocksIn(
  parent: XmlElement,
  usual: FoundLetters,
  around: TextAround,
  place: Place,
  listName: string | undefined,
): readonly FoundParagraph[] {
  return childrenOf(parent).flatMap((child, at): readonly FoundParagraph[] => {
    if (child.name === 'text:p' || child.name === 'text:h') {
      const isFirst = childrenOf(parent).findIndex(({ name }) => /^text:[ph]$/.test(name)) === at;
      const inList = place.mark === 'bullet' || place.mark === 'number';
      return [paragraphOf(child, usual, around, inList && !isFirst ? { ...place, mark: 'within' } : place)];
    }
    if (child.name !== 'text:list') return [];
    const own = child.attributes['text:style-name'] ?? listName;
    const level = place.mark === 'none' ? 0 : Math.min(DEEPEST_LEVEL, place.level + 1);
    const mark = markOf(own, level, around.styles);
    return childrenOf(child).flatMap((entry) =>
      entry.name === 'text:list-item' || entry.name === 'text:list-header'
        ? blocksIn(entry, usual, around, { mark, level }, own)
        : [],
    );
  });
}

/** What stands before the paragraphs of a level of a list. */
function markOf(name: string | undefined, level: number, styles: FoundStyles): ParagraphMark {
  const list = styles.find('text:list-style', name);
  const own = childrenOf(list).find(({ attributes }) => attributes['text:level'] === String(level + 1));
  if (own?.name === 'text:list-level-style-number') return own.attributes['style:num-format'] ? 'number' : 'quote';
  return 'bullet';
}

function paragraphOf(element: XmlElement, usual: FoundLetters, around: TextAround, place: Place): FoundParagraph {
  const name = element.attributes['text:style-name'];
  const properties = around.styles.properties('paragraph', name, 'paragraph');
  const letters = lettersOf(usual, around.styles.properties('paragraph', name, 'text'), around);
  const height = readPart(properties['fo:line-height']);
  return {
    ...place,
    align: alignOf(properties['fo:text-align']),
    lineSpacing: height === null ? null : Math.round(height * LINE * 1000) / 1000,
    runs: tidied(runsIn(element, letters, around, null)),
  };
}

function alignOf(written: string | undefined): TextAlign {
  return written === 'center' || written === 'justify'
    ? written
    : written === 'end' || written === 'right'
      ? 'right'
      : 'left';
}

/** How letters are set by some properties, over how they are set around them. */
export function lettersOf(letters: FoundLetters, properties: FoundProperties, around: TextAround): FoundLetters {
  const size = readLength(properties['fo:font-size']);
  const part = readPart(properties['fo:font-size']);
  const color = properties['fo:color'];
  const weight = properties['fo:font-weight'];
  const slant = properties['fo:font-style'];
  const raised = properties['style:text-position'];
  const ground = properties['fo:background-color'];
  const family = (properties['fo:font-family'] ?? properties['style:font-name'])?.replaceAll(/^'|'$/g, '');
  return {
    ...letters,
    ...(size !== null ? { size } : part !== null ? { size: letters.size * part } : {}),
    ...(color && /^#[\da-f]{6}$/i.test(color) ? { color: around.colour(color.toLowerCase()) } : {}),
    ...(weight === undefined ? {} : { isBold: weight === 'bold' || Number(weight) >= 600 }),
    ...(slant === undefined ? {} : { isItalic: slant === 'italic' || slant === 'oblique' }),
    ...(raised === undefined ? {} : { raised: raisedBy(raised) }),
    ...(ground && /^#[\da-f]{6}$/i.test(ground) ? { highlight: around.colour(ground.toLowerCase()) } : {}),
    ...(family ? fontIn(family, around) : {}),
  };
}

function fontIn(family: string, around: TextAround): Pick<FoundLetters, 'font' | 'heading'> {
  if (family === around.fonts.text) return { font: null, heading: false };
  const { font, isOurs } = fontOf(family);
  if (!isOurs && family !== around.fonts.heading) around.lose('fonts');
  return { font, heading: false };
}

function raisedBy(written: string): FoundLetters['raised'] {
  if (/^super|^[1-9]/.test(written)) return 'superscript';
  return /^sub|^-/.test(written) ? 'subscript' : null;
}

function runsIn(
  parent: XmlElement,
  letters: FoundLetters,
  around: TextAround,
  link: Destination | null,
): readonly FoundRun[] {
  const run = (text: string): FoundRun => ({ is: 'letters', text, letters, link });
  return parent.children.flatMap((child): readonly FoundRun[] => {
    if (typeof child === 'string') return child === '' ? [] : [run(child.replaceAll(/[ \t\r\n]+/g, ' '))];
    switch (child.name) {
      case 'text:span': {
        const properties = around.styles.properties('text', child.attributes['text:style-name'], 'text');
        return runsIn(child, lettersOf(letters, properties, around), around, link);
      }
      case 'text:a':
        return runsIn(child, letters, around, around.link(child.attributes['xlink:href'] ?? '') ?? link);
      case 'text:s':
        return [run('\u00a0'.repeat(Math.min(200, Number(child.attributes['text:c'] ?? 1))).replaceAll('\u00a0', ' '))];
      case 'text:tab':
        return [run('\t')];
      case 'text:line-break':
        return [{ is: 'break' }];
      case 'office:annotation':
      case 'text:note':
        return [];
      default:
        return runsIn(child, letters, around, link);
    }
  });
}

/** Runs that are set alike and lead to one place as one, as spaces are elements of their own. */
function tidied(runs: readonly FoundRun[]): readonly FoundRun[] {
  const tidy: FoundRun[] = [];
  for (const run of runs) {
    const last = tidy.at(-1);
    const isSame =
      last?.is === 'letters' &&
      run.is === 'letters' &&
      JSON.stringify([last.letters, last.link]) === JSON.stringify([run.letters, run.link]);
    if (isSame) tidy[tidy.length - 1] = { ...last, text: last.text + run.text };
    else tidy.push(run);
  }
  return tidy;
}
