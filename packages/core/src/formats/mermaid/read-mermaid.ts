/**
 * Reads a flowchart in Mermaid's language (https://mermaid.js.org/syntax/flowchart.html): nodes of any shape, links of any
 * kind with their words, chains, several nodes at once, subgraphs. Lines that tell only of looks are listed. Linear.
 */
import { storableText } from '../../deck/index.js';
import { MOST_OF_SKETCH, type ReadSketch, SketchBuilder } from '../route-sketch.js';

const HEADER = /^(?:flowchart|graph)(?:\s+(?:TB|TD|BT|RL|LR))?\s*;?\s*$/i;
const LOOKS = /^(?:classDef|class|style|linkStyle|direction|click|accTitle|accDescr|title)\b/i;
const SUBGRAPH = /^subgraph\s+(?:[\w-]+\s*\[\s*"?(.*?)"?\s*\]|"?(.*?)"?)\s*$/i;

/** Statements of a line: parted by semicolons, but for those in quotes and after the number of a sign. */
const STATEMENTS = /(?:"[^"]*"|#\w+;|[^;"]|"(?![^"]*"))+/g;

/** Opening and closing signs of the shapes a node can have, the longest first. */
const SHAPES: readonly (readonly [open: string, close: string])[] = [
  ['(((', ')))'],
  ['((', '))'],
  ['([', '])'],
  ['[[', ']]'],
  ['[(', ')]'],
  ['[/', '/]'],
  ['[\\', '\\]'],
  ['{{', '}}'],
  ['[', ']'],
  ['(', ')'],
  ['{', '}'],
  ['>', ']'],
];

/** What a flowchart says. */
export function readMermaid(text: string): ReadSketch {
  const builder = new SketchBuilder();
  const sections: (string | null)[] = [];
  let hasHeader = false;
  let isInFront = false;
  const lines = storableText(text.slice(0, MOST_OF_SKETCH.letters)).split(/\r\n|\r|\n/);
  lines.forEach((written, index) => {
    const line = index + 1;
    if (written.trim() === '---' && !hasHeader) {
      // Settings may stand before the chart, between two rows of dashes.
      isInFront = !isInFront;
      return;
    }
    if (isInFront) {
      builder.title = /^title:\s*(.*)$/.exec(written.trim())?.[1] ?? builder.title;
      return;
    }
    for (const statement of written.replace(/^\s*%%.*$/, '').match(STATEMENTS) ?? []) {
      const said = statement.trim();
      if (said === '') continue;
      if (!hasHeader) {
        hasHeader = true;
        if (HEADER.test(said)) continue;
        builder.miss(line, 'not-this-format', said);
      }
      if (LOOKS.test(said)) builder.miss(line, 'look', said.split(/\s/)[0] ?? '');
      else if (/^end$/i.test(said)) sections.pop();
      else if (/^subgraph\b/i.test(said)) {
        const title = SUBGRAPH.exec(said);
        sections.push(plain(title?.[1] ?? title?.[2] ?? '') || null);
      } else readStatement(said, line, sections.findLast((each) => each !== null) ?? null, builder);
    }
  });
  if (sections.length > 0) builder.miss(lines.length, 'unclosed', 'subgraph');
  return builder.done();
}

/** Nodes joined by links: `a & b --> |words| c --> d`. */
function readStatement(said: string, line: number, section: string | null, builder: SketchBuilder): void {
  const cursor = new Cursor(said);
  let from = readNodes(cursor, line, section, builder);
  if (from.length === 0) return builder.miss(line, 'other', said);
  while (!cursor.isAtEnd()) {
    const link = readLink(cursor);
    if (!link) return builder.miss(line, 'other', cursor.rest());
    if (!link.isDirected) builder.miss(line, 'undirected', link.sign);
    const to = readNodes(cursor, line, section, builder);
    if (to.length === 0) return builder.miss(line, 'other', said);
    for (const a of from) for (const b of to) builder.link(a, b, plain(link.words), link.isDotted && link.words === '');
    from = to;
  }
}

function readNodes(cursor: Cursor, line: number, section: string | null, builder: SketchBuilder): readonly string[] {
  const found: string[] = [];
  do {
    const id = cursor.take(/^\s*([\p{L}\p{N}_](?:[\p{L}\p{N}_]|[-.](?=[\p{L}\p{N}_]))*)/u)?.[1];
    if (id === undefined) break;
    const shape = SHAPES.find(([open]) => cursor.rest().startsWith(open));
    const name = shape ? readName(cursor, shape, line, builder) : null;
    cursor.take(/^:::[\w-]+/);
    builder.slide(id, name === null ? null : plain(name), section);
    found.push(id);
  } while (cursor.take(/^\s*&/));
  return found;
}

function readName(
  cursor: Cursor,
  [open, close]: readonly [string, string],
  line: number,
  builder: SketchBuilder,
): string {
  cursor.skip(open.length);
  const quoted = cursor.take(/^\s*"([^"]*)"\s*/)?.[1];
  if (quoted !== undefined) {
    if (cursor.rest().startsWith(close)) cursor.skip(close.length);
    else builder.miss(line, 'unclosed', open);
    return quoted;
  }
  const end = cursor.rest().indexOf(close);
  if (end < 0) builder.miss(line, 'unclosed', open);
  const name = end < 0 ? cursor.rest() : cursor.rest().slice(0, end);
  cursor.skip(end < 0 ? name.length : end + close.length);
  return name;
}

interface LinkSign {
  readonly words: string;
  readonly sign: string;
  readonly isDirected: boolean;
  readonly isDotted: boolean;
}

/** A link: `-->`, `---`, `-.->`, `==>`, `--x`, `--o`, `<-->`, with words between bars or within it. */
function readLink(cursor: Cursor): LinkSign | null {
  const within = cursor.take(
    /^\s*(<?)(--|==|-\.)\s+("[^"]*"|[^|]*?[^-=.|\s])\s*((?:-{1,}|={1,}|\.{1,}-)[>xo]?)(?=\s|[\p{L}\p{N}_"])/u,
  );
  if (within) {
    const [, , opening = '', words = '', sign = ''] = within;
    return { words: words.replace(/^"|"$/g, ''), sign, isDirected: /[>xo]$/.test(sign), isDotted: opening === '-.' };
  }
  const plainLink = cursor.take(/^\s*(<?(?:-{2,}|={2,}|-\.+-|~{3,})[>xo]?)(?=\s|\||[\p{L}\p{N}_]|$)/u);
  const sign = plainLink?.[1];
  if (sign === undefined) return null;
  const words = cursor.take(/^\s*\|\s*("[^"]*"|[^|]*?)\s*\|/)?.[1] ?? '';
  return { words: words.replace(/^"|"$/g, ''), sign, isDirected: /[>xo]$/.test(sign), isDotted: sign.includes('.') };
}

/** Words as they are read: signs by their numbers or names, and line breaks in markup. */
function plain(text: string): string {
  return text
    .replace(/<br\s*\/?>/gi, ' ')
    .replace(/#(\d{1,7});/g, (_whole, number: string) => signOf(Number(number)))
    .replace(/#quot;/g, '"')
    .replace(/#amp;/g, '&')
    .trim();
}

function signOf(number: number): string {
  return number > 0 && number <= 0x10ffff ? String.fromCodePoint(number) : '';
}

/** A place in a statement. */
class Cursor {
  private at = 0;

  constructor(private readonly text: string) {}

  rest(): string {
    return this.text.slice(this.at);
  }

  isAtEnd(): boolean {
    return this.rest().trim() === '';
  }

  skip(letters: number): void {
    this.at += letters;
  }

  /** What comes next, if it is of this form; goes past it. */
  take(form: RegExp): RegExpExecArray | null {
    const found = form.exec(this.rest());
    if (found) this.at += found[0].length;
    return found;
  }
}
