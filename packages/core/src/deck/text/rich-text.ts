/** Text with paragraphs, lists and marks: ProseMirror JSON with a small closed schema, in one canonical form. */
import { type Destination, readDestination, sameDestination } from '../links/destination.js';
import { type FontName, isFontName } from './fonts.js';
import { readColour } from '../appearance/colour.js';
import { type Fields, readFields, readNumber, readString, isOneOf } from '../model/reading.js';

/** How lines of a paragraph are set. */
export type TextAlign = 'left' | 'center' | 'right' | 'justify';
const ALIGNS: readonly TextAlign[] = ['left', 'center', 'right', 'justify'];

/** A mark on a run of text; font sizes in slide units. */
export type TextMark =
  | { readonly type: 'bold' }
  | { readonly type: 'italic' }
  | { readonly type: 'subscript' }
  | { readonly type: 'superscript' }
  | { readonly type: 'highlight'; readonly attrs: { readonly color: string } }
  | { readonly type: 'link'; readonly attrs: { readonly destination: Destination } }
  | { readonly type: 'textStyle'; readonly attrs: TextStyle };

/** What a run of text sets for itself; `null` is as its item says. */
export interface TextStyle {
  readonly color: string | null;
  /** In slide units. */
  readonly fontSize: number | null;
  readonly font: FontName | null;
}

/** A run of letters that share their marks; marks are sorted by type. */
export interface TextRun {
  readonly type: 'text';
  readonly text: string;
  readonly marks?: readonly TextMark[];
}
/** A line break within a paragraph. */
export interface HardBreak {
  readonly type: 'hardBreak';
}
/** A paragraph; without `attrs` it is set as its item says. */
export interface Paragraph {
  readonly type: 'paragraph';
  readonly attrs?: { readonly textAlign: TextAlign };
  readonly content?: readonly (TextRun | HardBreak)[];
}
/** An entry of a list. */
export interface ListItem {
  readonly type: 'listItem';
  readonly content: readonly Block[];
}
/** A bulleted or numbered list. */
export interface List {
  readonly type: 'bulletList' | 'orderedList';
  readonly content: readonly ListItem[];
}
/** Words of somebody else, set in. */
export interface Quote {
  readonly type: 'blockquote';
  readonly content: readonly Block[];
}
/** What stands in a text one below the other. */
export type Block = Paragraph | List | Quote;
/** A whole text; it has at least one block. */
export interface RichText {
  readonly type: 'doc';
  readonly content: readonly Block[];
}

/** The most letters one text may have. */
export const LONGEST_TEXT = 20_000;
const DEEPEST_LIST = 6;

/** A text of one paragraph a line, without marks. */
export function plainText(text: string): RichText {
  return {
    type: 'doc',
    content: text
      .split('\n')
      .map((line) =>
        line === '' ? { type: 'paragraph' } : { type: 'paragraph', content: [{ type: 'text', text: line }] },
      ),
  };
}

/** The letters of a text, one line a paragraph or break, without marks. */
export function lettersOf(text: RichText): string {
  return text.content.map(lettersOfBlock).join('\n');
}

function lettersOfBlock(block: Block): string {
  if (block.type === 'paragraph') {
    return (block.content ?? []).map((inline) => (inline.type === 'text' ? inline.text : '\n')).join('');
  }
  if (block.type === 'blockquote') return block.content.map(lettersOfBlock).join('\n');
  return block.content.map((item) => item.content.map(lettersOfBlock).join('\n')).join('\n');
}

/** Every run of a text, in reading order. */
export function runsOf(text: RichText): readonly TextRun[] {
  const runs: TextRun[] = [];
  const visit = (block: Block) => {
    if (block.type === 'blockquote') return block.content.forEach(visit);
    if (block.type !== 'paragraph') return block.content.forEach((item) => item.content.forEach(visit));
    for (const inline of block.content ?? []) if (inline.type === 'text') runs.push(inline);
  };
  text.content.forEach(visit);
  return runs;
}

/** A text with each link's destination replaced by what `change` gives for it. */
export function mapDestinations(text: RichText, change: (destination: Destination) => Destination): RichText {
  return mapMarks(text, (mark) =>
    mark.type === 'link' ? { type: 'link', attrs: { destination: change(mark.attrs.destination) } } : mark,
  );
}

/** A text whose runs that have a letter size of their own are set larger or smaller by a factor. */
export function scaleLetters(text: RichText, factor: number): RichText {
  return mapMarks(text, (mark) => {
    if (mark.type !== 'textStyle' || mark.attrs.fontSize === null) return mark;
    return { ...mark, attrs: { ...mark.attrs, fontSize: mark.attrs.fontSize * factor } };
  });
}

/** Words of a text that carry a link, in reading order; runs that touch and lead to one place are one. */
export interface LinkedWords {
  readonly words: string;
  readonly destination: Destination;
}

/** The linked words of a text. */
export function linkedWordsOf(text: RichText): readonly LinkedWords[] {
  const found: LinkedWords[] = [];
  const place = linkCounter();
  for (const run of runsOf(text)) {
    const { at, destination } = place(run);
    if (!destination) continue;
    found[at] = { words: (found[at]?.words ?? '') + run.text, destination };
  }
  return found;
}

/**
 * A text in which some linked words lead elsewhere, or nowhere.
 * @param at which of the linked words, as `linkedWordsOf` counts them
 */
export function relinkWords(text: RichText, at: number, destination: Destination | null): RichText {
  const place = linkCounter();
  return mapRuns(text, (run) => {
    const here = place(run);
    if (!here.destination || here.at !== at) return run;
    const { marks: _marks, ...bare } = run;
    const kept = (run.marks ?? []).filter((mark) => mark.type !== 'link');
    const marks: TextMark[] = destination ? [...kept, { type: 'link', attrs: { destination } }] : kept;
    return marks.length > 0 ? { ...bare, marks: marks.sort((a, b) => (a.type < b.type ? -1 : 1)) } : bare;
  });
}

/** Counts linked words along the runs of a text: gives for each run which linked words it is part of. */
function linkCounter() {
  let at = -1;
  let before: Destination | null = null;
  return (run: TextRun): { readonly at: number; readonly destination: Destination | null } => {
    const mark = run.marks?.find((candidate) => candidate.type === 'link');
    const destination = mark?.attrs.destination ?? null;
    if (destination && !(before && sameDestination(before, destination))) at += 1;
    before = destination;
    return { at, destination };
  };
}

function mapMarks(text: RichText, change: (mark: TextMark) => TextMark): RichText {
  return mapRuns(text, (run) => (run.marks ? { ...run, marks: run.marks.map(change) } : run));
}

/** A text with each run replaced, in reading order. */
export function mapRuns(text: RichText, change: (run: TextRun) => TextRun): RichText {
  const inBlock = (block: Block): Block => {
    if (block.type === 'blockquote') return { ...block, content: block.content.map(inBlock) };
    if (block.type !== 'paragraph') {
      return { ...block, content: block.content.map((item) => ({ ...item, content: item.content.map(inBlock) })) };
    }
    if (!block.content) return block;
    return { ...block, content: block.content.map((inline) => (inline.type === 'text' ? change(inline) : inline)) };
  };
  return { ...text, content: text.content.map(inBlock) };
}

/** A text read from untrusted JSON into canonical form: what the schema does not know is dropped. */
export function readRichText(value: unknown): RichText {
  const room = { letters: LONGEST_TEXT };
  const content = readBlocks(readFields(value)?.['content'], room, 0);
  return { type: 'doc', content: content.length > 0 ? content : [{ type: 'paragraph' }] };
}

type Room = { letters: number };

function readBlocks(value: unknown, room: Room, depth: number): Block[] {
  if (!Array.isArray(value)) return [];
  return value.flatMap((entry) => {
    const fields = readFields(entry);
    const block = fields ? readBlock(fields, room, depth) : null;
    return block ? [block] : [];
  });
}

function readBlock(fields: Fields, room: Room, depth: number): Block | null {
  const type = fields['type'];
  if (type === 'paragraph') return readParagraph(fields, room);
  if ((type === 'bulletList' || type === 'orderedList') && depth < DEEPEST_LIST && Array.isArray(fields['content'])) {
    const items = fields['content'].flatMap((entry): ListItem[] => {
      const item = readFields(entry);
      if (item?.['type'] !== 'listItem') return [];
      const content = readBlocks(item['content'], room, depth + 1);
      const opening: Block[] = content[0]?.type === 'paragraph' ? [] : [{ type: 'paragraph' }];
      return [{ type: 'listItem', content: [...opening, ...content] }];
    });
    return items.length > 0 ? { type, content: items } : null;
  }
  if (type === 'blockquote' && depth < DEEPEST_LIST) {
    const content = readBlocks(fields['content'], room, depth + 1);
    return content.length > 0 ? { type, content } : null;
  }
  return null;
}

function readParagraph(fields: Fields, room: Room): Paragraph {
  const align = readFields(fields['attrs'])?.['textAlign'];
  const attrs: Pick<Paragraph, 'attrs'> = isOneOf(align, ALIGNS) ? { attrs: { textAlign: align } } : {};
  const content: (TextRun | HardBreak)[] = [];
  for (const entry of Array.isArray(fields['content']) ? fields['content'] : []) {
    const inline = readFields(entry);
    if (inline?.['type'] === 'hardBreak') content.push({ type: 'hardBreak' });
    if (inline?.['type'] !== 'text' || typeof inline['text'] !== 'string') continue;
    const text = readString(inline['text'], '', room.letters);
    room.letters -= text.length;
    if (text !== '') addRun(content, text, readMarks(inline['marks']));
  }
  return content.length > 0 ? { type: 'paragraph', ...attrs, content } : { type: 'paragraph', ...attrs };
}

function addRun(content: (TextRun | HardBreak)[], text: string, marks: readonly TextMark[]): void {
  const last = content.at(-1);
  if (last?.type === 'text' && JSON.stringify(last.marks ?? []) === JSON.stringify(marks)) {
    content[content.length - 1] = { ...last, text: last.text + text };
  } else {
    content.push(marks.length > 0 ? { type: 'text', text, marks } : { type: 'text', text });
  }
}

function readMarks(value: unknown): readonly TextMark[] {
  if (!Array.isArray(value)) return [];
  const byType = new Map<string, TextMark>();
  for (const entry of value) {
    const mark = readMark(readFields(entry));
    if (mark) byType.set(mark.type, mark);
  }
  return [...byType.values()].sort((a, b) => (a.type < b.type ? -1 : 1));
}

function readMark(fields: Fields | null): TextMark | null {
  const attrs = readFields(fields?.['attrs']);
  switch (fields?.['type']) {
    case 'bold':
    case 'italic':
    case 'subscript':
    case 'superscript':
      return { type: fields['type'] };
    case 'highlight': {
      const color = readColour(attrs?.['color'], '');
      return color === '' ? null : { type: 'highlight', attrs: { color } };
    }
    case 'link': {
      const destination = readDestination(attrs?.['destination']);
      return destination && { type: 'link', attrs: { destination } };
    }
    case 'textStyle': {
      const colour = readColour(attrs?.['color'], '');
      const size = readNumber(attrs?.['fontSize'], 0, 0, 400);
      const font = isFontName(attrs?.['font']) ? attrs['font'] : null;
      if (colour === '' && size === 0 && font === null) return null;
      const attributes = { color: colour === '' ? null : colour, fontSize: size === 0 ? null : size, font };
      return { type: 'textStyle', attrs: attributes };
    }
    default:
      return null;
  }
}
