/**
 * A deck as Markdown (as CommonMark and GitHub write it): a heading for each slide, its words, choices as links to headings,
 * notes as quotes; or as a plain outline, with the names of slides at the margin and their words under them.
 */
import {
  type Block,
  cellsOf,
  type Deck,
  type Destination,
  type Item,
  lettersOf,
  linesOf,
  type RichText,
  type Slide,
  type TableItem,
  type TextRun,
} from '../../deck/index.js';
import type { NotCarried } from '../loss.js';
import { plainDeck, type PlainItem } from '../presentation/plain-deck.js';

/** A text that was written, with what is not in it. */
export interface WrittenText {
  readonly text: string;
  readonly left: readonly NotCarried[];
}

/** What stands in a text besides what the deck says. */
export interface MarkdownWords {
  readonly notes: string;
  /** A slide without a name, by its number. */
  readonly slide: (number: number) => string;
}

/** The deck as Markdown. */
export function writeMarkdown(deck: Deck, words: MarkdownWords): WrittenText {
  const plain = plainDeck(deck);
  const names = namesOf(
    plain.slides.map(({ slide }) => slide),
    words,
  );
  const anchors = anchorsOf(names);
  const parts = plain.slides.map(({ slide, items }) => {
    const name = names.get(slide.id) ?? '';
    const writer = new SlideWriter((slideId) => anchors.get(slideId) ?? null);
    const body = inReadingOrder(items).flatMap((item) => writer.item(item, name));
    const lines = slide.notes.split('\n').map(escaped).join('  \n> ');
    const notes = slide.notes === '' ? [] : [`> **${words.notes}:** ${lines}`];
    return [`# ${escaped(name)}`, ...body, ...notes].join('\n\n');
  });
  return { text: `${parts.join('\n\n')}\n`, left: plain.left };
}

/** The deck as an outline. */
export function writeOutline(deck: Deck, words: Pick<MarkdownWords, 'slide'>): WrittenText {
  const plain = plainDeck(deck);
  const names = namesOf(
    plain.slides.map(({ slide }) => slide),
    words,
  );
  const parts = plain.slides.map(({ slide, items }) => {
    const name = names.get(slide.id) ?? '';
    const lines = inReadingOrder(items)
      .flatMap((item) => wordsOf(item).split('\n'))
      .filter((line) => line.trim() !== '' && line.trim() !== name);
    return [name, ...lines.map((line) => `  ${line.trim()}`)].join('\n');
  });
  return { text: `${parts.join('\n\n')}\n`, left: plain.left };
}

function namesOf(slides: readonly Slide[], words: Pick<MarkdownWords, 'slide'>): ReadonlyMap<string, string> {
  return new Map(slides.map(({ id, name }, at) => [id, name.trim() || words.slide(at + 1)]));
}

/** What each heading is called in addresses, as GitHub makes them: those that are called alike are counted. */
function anchorsOf(names: ReadonlyMap<string, string>): ReadonlyMap<string, string> {
  const taken = new Map<string, number>();
  return new Map(
    [...names].map(([id, name]) => {
      const plain = name
        .toLowerCase()
        .replace(/[^\p{L}\p{N}\s_-]/gu, '')
        .replace(/\s/g, '-');
      const count = taken.get(plain) ?? 0;
      taken.set(plain, count + 1);
      return [id, count === 0 ? plain : `${plain}-${count}`] as const;
    }),
  );
}

/** From the top down, and beside one another along the line. */
function inReadingOrder(items: readonly PlainItem[]): readonly PlainItem[] {
  const row = ({ frame }: Item) => Math.round((frame.y + frame.height / 2) / 40);
  return items.filter(({ layer }) => layer !== 'backdrop').toSorted((a, b) => row(a) - row(b) || a.frame.x - b.frame.x);
}

function wordsOf(item: PlainItem): string {
  if (item.kind === 'text' || item.kind === 'shape') return lettersOf(item.text);
  if (item.kind === 'table')
    return cellsOf(item)
      .map(({ text }) => lettersOf(text))
      .join('\n');
  if (item.kind === 'picture') return item.alt;
  return '';
}

class SlideWriter {
  constructor(private readonly anchorOf: (slideId: string) => string | null) {}

  item(item: PlainItem, title: string): readonly string[] {
    switch (item.kind) {
      case 'text':
      case 'shape': {
        if (lettersOf(item.text).trim() === '' || (item.role === 'title' && lettersOf(item.text) === title)) return [];
        const address = item.link && this.address(item.link);
        if (address) return [`- [${escaped(lettersOf(item.text).replaceAll('\n', ' '))}](${address})`];
        return [this.blocks(item.text)];
      }
      case 'picture': {
        const address = item.link && this.address(item.link);
        if (item.alt === '') return [];
        // The picture itself is not in the file: what it shows is said.
        return [address ? `- [${escaped(item.alt)}](${address})` : `*${escaped(item.alt)}*`];
      }
      case 'hotspot': {
        const address = item.link && this.address(item.link);
        return address ? [`- [${escaped(item.name || '…')}](${address})`] : [];
      }
      case 'table':
        return [this.table(item)];
      case 'video':
      case 'sound':
        return item.alt === '' ? [] : [`*${escaped(item.alt)}*`];
      default:
        return [];
    }
  }

  private blocks(text: RichText): string {
    return text.content.map((block) => this.block(block, '')).join('\n\n');
  }

  private block(block: Block, indent: string): string {
    if (block.type === 'paragraph') {
      const runs = (block.content ?? []).map((inline) => (inline.type === 'hardBreak' ? '  \n' : this.run(inline)));
      return runs.join('').replaceAll('\n', `\n${indent}`);
    }
    if (block.type === 'blockquote')
      return block.content.map((inner) => `> ${this.block(inner, `${indent}> `)}`).join(`\n${indent}>\n${indent}`);
    return block.content
      .map(({ content }, at) => {
        const sign = block.type === 'bulletList' ? '- ' : `${at + 1}. `;
        const deeper = `${indent}${' '.repeat(sign.length)}`;
        return `${sign}${content.map((inner) => this.block(inner, deeper)).join(`\n${deeper}`)}`;
      })
      .join(`\n${indent}`);
  }

  private run({ text, marks = [] }: TextRun): string {
    const link = marks.find((mark) => mark.type === 'link');
    const address = link ? this.address(link.attrs.destination) : null;
    const has = (type: string) => marks.some((mark) => mark.type === type);
    const inner = escaped(text);
    const [, before = '', core = '', after = ''] = /^(\s*)([\s\S]*?)(\s*)$/.exec(inner) ?? [];
    if (core === '') return inner;
    const signs = `${has('bold') ? '**' : ''}${has('italic') ? '*' : ''}`;
    const marked = `${signs}${core}${[...signs].reverse().join('')}`;
    return `${before}${address === null ? marked : `[${marked}](${address})`}${after}`;
  }

  private table(table: TableItem): string {
    const columns = linesOf(table, 'column').length;
    const rows: string[][] = linesOf(table, 'row').map(() => Array.from({ length: columns }, () => ' '));
    for (const { row, column, text } of cellsOf(table)) {
      const words = rows[row];
      if (words) words[column] = escaped(lettersOf(text).replaceAll('\n', ' ')).replaceAll('|', '\\|');
    }
    const line = (cells: readonly string[]) => `| ${cells.join(' | ')} |`;
    const [first = [], ...rest] = rows;
    return [line(first), line(first.map(() => '---')), ...rest.map(line)].join('\n');
  }

  private address(destination: Destination): string | null {
    if (destination.to === 'web')
      return destination.address.replaceAll(/[()\s<>]/g, (sign) =>
        encodeURIComponent(sign).replace('(', '%28').replace(')', '%29'),
      );
    if (destination.to !== 'slide') return null;
    const anchor = this.anchorOf(destination.slideId);
    return anchor === null ? null : `#${anchor}`;
  }
}

/** Words in which nothing is a sign of Markdown. */
function escaped(text: string): string {
  return text
    .replaceAll(/[\\`*_[\]<>#|~]/g, (sign) => `\\${sign}`)
    .replaceAll(/^(\s*)([-+])(?=\s)/gm, '$1\\$2')
    .replaceAll(/^(\s*\d+)([.)])(?=\s)/gm, '$1\\$2');
}
