/** The slide of a heading: its words, its tables below one another, and its notes. */
import type { Token, Tokens } from 'marked';
import {
  addSlideFrom,
  addTable,
  applyChanges,
  cutText,
  type Deck,
  itemsOf,
  lettersOf,
  MOST_LINES,
  plainText,
  removeItems,
  type RichText,
  setFrames,
  setText,
  type SlideId,
  tableOfTexts,
} from '../../deck/index.js';
import type { Frame } from '../../geometry/index.js';
import type { HeadedPart } from './headed-parts.js';
import type { MarkdownText } from './markdown-text.js';
import { NOTES_SIGN } from './notes-sign.js';

/** The longest name of a slide, in letters. */
const LONGEST_NAME = 120;
/** So many tables fit on a slide; what comes after them is told. */
const MOST_TABLES = 3;
/** The longest subtitle, in letters, and of how many lines it is at most. */
const SUBTITLE = { letters: 140, lines: 2 } as const;
/** What lies between the parts of a slide, in shares of the height of all of them. */
const GAP = 0.04;

interface SlideOfPart {
  readonly id: SlideId;
  /** Whether it opens the deck, and has a subtitle. */
  readonly opens: boolean;
  readonly reader: MarkdownText;
  readonly createId: () => string;
}

/** Adds the slide of a heading, with what stands under it, to a deck that has none. */
export function withSlide(
  deck: Deck,
  { name, tokens }: HeadedPart,
  { id, opens, reader, createId }: SlideOfPart,
): Deck {
  const { words, tables, notes } = parted(tokens);
  const text = reader.read(words);
  const layout = opens && tables.length === 0 && isSubtitle(text) ? 'title' : 'title-and-text';
  const added = applyChanges(deck, addSlideFrom(deck, layout, { id, name: cutText(name, LONGEST_NAME), createId }));
  const noted = notes ? withNotes(added, id, notes, reader) : added;
  const partOf = (role: string) => itemsOf(noted, id).find((item) => item.role === role);
  const title = partOf('title');
  const titled = title ? applyChanges(noted, setText(noted, title.id, plainText(name))) : noted;
  const body = partOf(layout === 'title' ? 'subtitle' : 'body');
  if (!body) return titled;
  const hasWords = lettersOf(text) !== '';
  const told = hasWords ? applyChanges(titled, setText(titled, body.id, text)) : titled;
  if (tables.length === 0) return told;
  const heights = [
    ...(hasWords ? [lettersOf(text).split('\n').length] : []),
    ...tables.map(({ rows }) => rows.length + 1),
  ];
  const places = stacked(body.frame, heights);
  const [first = body.frame] = places;
  const under = hasWords ? places.slice(1) : places;
  const changes = hasWords ? setFrames(told, { [body.id]: first }) : removeItems(told, [body.id]);
  return tables.reduce(
    (made, table, at) =>
      withTable(made, { id: createId(), slideId: id, frame: under[at] ?? first }, reader.readCells(table)),
    applyChanges(told, changes),
  );
}

/** What stands under a heading: notes by their sign, tables that a slide has room for, and words. */
function parted(tokens: readonly Token[]) {
  const words: Token[] = [];
  const tables: Tokens.Table[] = [];
  let notes: Tokens.Blockquote | null = null;
  let isSaid = false;
  for (const token of tokens) {
    if (isSaid && isQuote(token)) notes = token;
    else if (isTable(token) && fits(token) && tables.length < MOST_TABLES) tables.push(token);
    else if (!isNotesSign(token)) words.push(token);
    isSaid = isNotesSign(token);
  }
  return { words, tables, notes };
}

/** Whether words are short enough to stand under a title; lists never do. */
function isSubtitle(text: RichText): boolean {
  const areParagraphs = text.content.every(({ type }) => type === 'paragraph');
  const letters = lettersOf(text);
  return areParagraphs && letters.length <= SUBTITLE.letters && letters.split('\n').length <= SUBTITLE.lines;
}

const isParagraph = (token: Token): token is Tokens.Paragraph => token.type === 'paragraph';
const isQuote = (token: Token): token is Tokens.Blockquote => token.type === 'blockquote';
const isTable = (token: Token): token is Tokens.Table => token.type === 'table';
const isNotesSign = (token: Token) => token.type === 'html' && token.raw.trim() === NOTES_SIGN;
const fits = ({ header, rows }: Tokens.Table) => header.length <= MOST_LINES && rows.length < MOST_LINES;

/** Notes are plain; the word in bold that says that they are some goes. */
function withNotes(deck: Deck, id: SlideId, { tokens }: Tokens.Blockquote, reader: MarkdownText): Deck {
  const [first, ...rest] = tokens;
  const isLabelled = first && isParagraph(first) && first.tokens[0]?.type === 'strong';
  const said = isLabelled ? [{ ...first, tokens: first.tokens.slice(1) }, ...rest] : tokens;
  const notes = reader
    .read(said)
    .content.map((block) => lettersOf({ type: 'doc', content: [block] }))
    .join('\n\n');
  return applyChanges(deck, [{ type: 'set-slide', id, fields: { notes: notes.trim() } }]);
}

/** A table at a place; where its first row is empty it has no heads. */
function withTable(
  deck: Deck,
  { id, slideId, frame }: { readonly id: string; readonly slideId: SlideId; readonly frame: Frame },
  rows: readonly (readonly RichText[])[],
): Deck {
  const [head = [], ...rest] = rows;
  const isHeadless = rest.length > 0 && head.every((cell) => lettersOf(cell).trim() === '');
  const fields = { ...tableOfTexts(isHeadless ? rest : rows), headings: isHeadless ? 'none' : 'row' } as const;
  const placed = applyChanges(deck, addTable(deck, id, slideId, fields));
  return applyChanges(placed, setFrames(placed, { [id]: frame }));
}

/** Parts of a frame below each other, as high as they have lines. */
function stacked(frame: Frame, lines: readonly number[]): readonly Frame[] {
  const all = lines.reduce((sum, count) => sum + count, 0);
  const gap = frame.height * GAP;
  const room = frame.height - gap * (lines.length - 1);
  let y = frame.y;
  return lines.map((count) => {
    const height = (room * count) / all;
    const part = { ...frame, y, height };
    y += height + gap;
    return part;
  });
}
