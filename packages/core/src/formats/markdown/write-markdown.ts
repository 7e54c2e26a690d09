/**
 * A deck as Markdown (as CommonMark and GitHub write it): a heading for each slide, its words, choices as links to headings,
 * notes as quotes.
 */
import {
  type Block,
  cellsOf,
  type Deck,
  type Destination,
  lettersOf,
  linesOf,
  type RichText,
  type Slide,
  type TableItem,
  type TextRun,
} from '../../deck/index.js';
import { plainDeck, type PlainItem } from '../presentation/plain-deck.js';
import { anchorsOf } from './anchors.js';
import { escaped } from './escaped.js';
import { NOTES_SIGN } from './notes-sign.js';
import { inReadingOrder, namesOf, type WrittenText } from './written-text.js';

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
  const called = [...names];
  const anchored = anchorsOf(called.map(([, name]) => name));
  const anchors = new Map(called.map(([id], at) => [id, anchored[at] ?? '']));
  const parts = plain.slides.map(({ slide, items }) => {
    const name = names.get(slide.id) ?? '';
    const writer = new SlideWriter((slideId) => anchors.get(slideId) ?? null);
    const body = inReadingOrder(items).flatMap((item) => writer.item(item, name));
    return [`# ${escaped(name)}`, ...asLists(body), ...notesOf(slide, words)].join('\n\n');
  });
  return { text: `${parts.join('\n\n')}\n`, left: plain.left };
}

/** Choices right below each other are one list. */
function asLists(blocks: readonly string[]): readonly string[] {
  const isChoice = (block: string | undefined) => block?.startsWith('- [') === true;
  return blocks.flatMap((block, at) => {
    if (isChoice(block) && isChoice(blocks[at - 1])) return [];
    const end = blocks.findIndex((each, later) => later >= at && !isChoice(each));
    return isChoice(block) ? [blocks.slice(at, end < 0 ? undefined : end).join('\n')] : [block];
  });
}

/** A slide's notes: a quote that says what it is, behind a sign that is read again in whatever language. */
function notesOf({ notes }: Slide, words: MarkdownWords): readonly string[] {
  if (notes.trim() === '') return [];
  const lines = escaped(notes.trim())
    // A line of its own goes on beneath a break; an empty one parts what is above from what is below.
    .replaceAll(/(?<=\S)[ \t]*\n(?=[ \t]*\S)/g, '  \n')
    .replaceAll('\n', '\n> ');
  return [`${NOTES_SIGN}\n> **${words.notes}:** ${lines}`];
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

  /** Markdown has a first row of headings in every table: one that has none there begins with an empty one. */
  private table(table: TableItem): string {
    const empty = linesOf(table, 'column').map(() => ' ');
    const rows = linesOf(table, 'row').map(() => [...empty]);
    for (const { row, column, text } of cellsOf(table)) {
      const words = rows[row];
      if (words) words[column] = this.inOneLine(text);
    }
    const line = (cells: readonly string[]) => `| ${cells.join(' | ')} |`;
    const hasHead = table.headings === 'row' || table.headings === 'both';
    const [head = empty, ...rest] = hasHead ? rows : [empty, ...rows];
    return [line(head), line(head.map(() => '---')), ...rest.map(line)].join('\n');
  }

  private inOneLine({ content }: RichText): string {
    return this.blocks({ type: 'doc', content: content.flatMap(paragraphsIn) }).replaceAll(/\s*\n\s*/g, ' ');
  }

  private address(destination: Destination): string | null {
    if (destination.to === 'web')
      return destination.address.replaceAll(/[\s<>]/g, encodeURIComponent).replaceAll(/[()\\]/g, '\\$&');
    if (destination.to !== 'slide') return null;
    const anchor = this.anchorOf(destination.slideId);
    return anchor === null ? null : `#${anchor}`;
  }
}

/** The paragraphs of a part of a text, whatever they stand in. */
function paragraphsIn(block: Block): readonly Block[] {
  if (block.type === 'paragraph') return [block];
  if (block.type === 'blockquote') return block.content.flatMap(paragraphsIn);
  return block.content.flatMap(({ content }) => content.flatMap(paragraphsIn));
}
