/**
 * Retelling: a text that says other letters, with everything else it had. Lines and words that stay keep their marks and
 * their place in lists; words that come in the place of others take theirs over, links included.
 */
import {
  type Block,
  type HardBreak,
  lettersOf,
  type List,
  type ListItem,
  type Paragraph,
  type RichText,
  type TextMark,
  type TextRun,
} from '../deck/index.js';
import { differenceOf, type Hunk } from './difference.js';

/** A line: the letters of a paragraph, or of a part of it between two line breaks. */
type Line = readonly TextRun[];

/** What becomes of a paragraph: its lines; one that is `broken` begins after a line break, any other in a paragraph of its own. */
interface Retold {
  readonly line: Line;
  readonly isBroken: boolean;
}

/** A text that says other letters, one line a paragraph or line break. */
export function retold(text: RichText, letters: string): RichText {
  if (lettersOf(text) === letters) return text;
  const paragraphs: Paragraph[] = [];
  visitParagraphs(text.content, (paragraph) => paragraphs.push(paragraph));
  const before = paragraphs.flatMap((paragraph, at) =>
    linesOf(paragraph).map((line, within) => ({ paragraph: at, line, isBroken: within > 0 })),
  );
  const after: Retold[][] = paragraphs.map(() => []);
  const put = (place: number, line: Line, isBroken: boolean) => after[place]?.push({ line, isBroken });
  const wanted = letters.split('\n');
  const said = before.map(({ line }) => line.map((run) => run.text).join(''));
  for (const hunk of differenceOf(said, wanted)) {
    if (hunk.type === 'same') {
      const kept = before[hunk.before];
      if (kept) put(kept.paragraph, kept.line, kept.isBroken);
      continue;
    }
    const [old, fresh] = [before.slice(hunk.from, hunk.to), wanted.slice(hunk.freshFrom, hunk.freshTo)];
    // What comes in addition goes on where the line before it stands.
    const beside = before[hunk.to - 1] ?? before[hunk.from] ?? null;
    fresh.forEach((line, at) => {
      const was = old[at];
      if (was) put(was.paragraph, retoldLine(was.line, line), was.isBroken);
      else put(beside?.paragraph ?? 0, plainLine(line), false);
    });
  }
  const content = rebuilt(text.content, () => after.shift() ?? []);
  return { type: 'doc', content: content.length > 0 ? content : [{ type: 'paragraph' }] };
}

function visitParagraphs(blocks: readonly Block[], visit: (paragraph: Paragraph) => void): void {
  for (const block of blocks) {
    if (block.type === 'paragraph') visit(block);
    else if (block.type === 'blockquote') visitParagraphs(block.content, visit);
    else for (const item of block.content) visitParagraphs(item.content, visit);
  }
}

function linesOf({ content = [] }: Paragraph): readonly Line[] {
  const lines: TextRun[][] = [[]];
  for (const inline of content) {
    if (inline.type === 'hardBreak') lines.push([]);
    else lines.at(-1)?.push(inline);
  }
  return lines;
}

/** Blocks with their paragraphs retold, in the order in which they were visited. */
function rebuilt(blocks: readonly Block[], next: () => readonly Retold[]): readonly Block[] {
  return blocks.flatMap((block): readonly Block[] => {
    if (block.type === 'paragraph') return paragraphsOf(block, next());
    if (block.type === 'blockquote') {
      const content = rebuilt(block.content, next);
      return content.length > 0 ? [{ ...block, content }] : [];
    }
    const content = block.content.flatMap((item) => rebuiltItem(item, next));
    return content.length > 0 ? [{ ...block, content } satisfies List] : [];
  });
}

/** An entry of a list; lines that were added to its first paragraph are entries of their own. */
function rebuiltItem(item: ListItem, next: () => readonly Retold[]): readonly ListItem[] {
  const [first, ...rest] = item.content;
  if (first?.type !== 'paragraph') {
    const content = rebuilt(item.content, next);
    return content.length > 0 ? [{ ...item, content }] : [];
  }
  const opening = paragraphsOf(first, next());
  const beneath = rebuilt(rest, next);
  if (opening.length === 0) return beneath.length > 0 ? [{ ...item, content: beneath }] : [];
  return opening.map((paragraph, at) => ({ ...item, content: at === 0 ? [paragraph, ...beneath] : [paragraph] }));
}

function paragraphsOf({ content: _content, ...bare }: Paragraph, lines: readonly Retold[]): readonly Paragraph[] {
  const made: (TextRun | HardBreak)[][] = [];
  for (const { line, isBroken } of lines) {
    if (isBroken && made.length > 0) made.at(-1)?.push({ type: 'hardBreak' }, ...line);
    else made.push([...line]);
  }
  return made.map((content) => (content.length > 0 ? { ...bare, content } : bare));
}

function plainLine(letters: string): Line {
  return letters === '' ? [] : [{ type: 'text', text: letters }];
}

/** Words, what stands between them, and signs, each by itself. */
const WORD = /[\p{L}\p{N}\p{M}]+|\s+|./gsu;

interface Word {
  readonly text: string;
  /** The runs it consists of; one but where marks change within the word. */
  readonly runs: Line;
}

/** A line that says other letters: words that stay keep their marks, others take over those of the words they replace. */
function retoldLine(line: Line, letters: string): Line {
  const before = wordsIn(line);
  const wanted = letters.match(WORD) ?? [];
  const runs: TextRun[] = [];
  const add = (text: string, marks: readonly TextMark[] | undefined) => {
    const last = runs.at(-1);
    if (last && JSON.stringify(last.marks ?? []) === JSON.stringify(marks ?? [])) {
      runs[runs.length - 1] = { ...last, text: last.text + text };
    } else if (text !== '')
      runs.push(marks && marks.length > 0 ? { type: 'text', text, marks } : { type: 'text', text });
  };
  const said = before.map(({ text }) => text);
  for (const hunk of differenceOf(said, wanted)) {
    if (hunk.type === 'same') {
      for (const run of before[hunk.before]?.runs ?? []) add(run.text, run.marks);
      continue;
    }
    const marks = marksFor(before, hunk);
    wanted.slice(hunk.freshFrom, hunk.freshTo).forEach((text, at) => add(text, marks(at)));
  }
  return runs;
}

/** The marks of words that come in: of those they replace, in turn; else those that hold on both sides. */
function marksFor(before: readonly Word[], { from, to }: Hunk & { type: 'other' }) {
  const replaced = before.slice(from, to);
  const lastOf = (word: Word | undefined) => word?.runs.at(-1)?.marks ?? [];
  const firstOf = (word: Word | undefined) => word?.runs[0]?.marks ?? [];
  const after = firstOf(before[to]).map((mark) => JSON.stringify(mark));
  const around = lastOf(before[from - 1]).filter((mark) => after.includes(JSON.stringify(mark)));
  return (at: number): readonly TextMark[] =>
    replaced.length > 0 ? firstOf(replaced[Math.min(at, replaced.length - 1)]) : around;
}

function wordsIn(line: Line): readonly Word[] {
  const letters = line.map(({ text }) => text).join('');
  const words: Word[] = [];
  let [place, within] = [0, 0];
  for (const text of letters.match(WORD) ?? []) {
    const runs: TextRun[] = [];
    let left = text.length;
    while (left > 0) {
      const run = line[place];
      if (!run) break;
      const part = run.text.slice(within, within + left);
      if (part !== '') runs.push({ ...run, text: part });
      left -= part.length;
      within += part.length;
      if (within >= run.text.length) [place, within] = [place + 1, 0];
    }
    words.push({ text, runs });
  }
  return words;
}
