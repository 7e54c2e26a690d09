/** Texts as the flat rows of paragraphs that presentation files hold, each with its list and its level; and back. */
import {
  type Block,
  type HardBreak,
  type List,
  type Paragraph,
  readRichText,
  type RichText,
  type TextAlign,
  type TextRun,
} from '../../deck/index.js';

/** What stands before a paragraph: the point or the number of a list, nothing within a list, or a quote set in. */
export type ParagraphMark = 'none' | 'bullet' | 'number' | 'within' | 'quote';

/** A paragraph of a flat text. */
export interface FlatParagraph {
  readonly mark: ParagraphMark;
  /** How deep it stands in lists or quotes: 0 for in none or the outermost. */
  readonly level: number;
  /** `null` as its item says. */
  readonly align: TextAlign | null;
  readonly content: readonly (TextRun | HardBreak)[];
}

/** The deepest level that presentation files have. */
export const DEEPEST_LEVEL = 8;

/** The paragraphs of a text, from its first to its last. */
export function flatParagraphs(text: RichText): readonly FlatParagraph[] {
  return text.content.flatMap((block) => flatBlock(block, 'none', 0));
}

function flatBlock(block: Block, mark: ParagraphMark, level: number): readonly FlatParagraph[] {
  if (block.type === 'paragraph')
    return [{ mark, level, align: block.attrs?.textAlign ?? null, content: block.content ?? [] }];
  const deeper = mark === 'none' ? level : Math.min(DEEPEST_LEVEL, level + 1);
  if (block.type === 'blockquote') return block.content.flatMap((inner) => flatBlock(inner, 'quote', deeper));
  const own = block.type === 'bulletList' ? 'bullet' : 'number';
  return block.content.flatMap(({ content }) =>
    content.flatMap((inner, at) =>
      flatBlock(inner, inner.type !== 'paragraph' ? own : at === 0 ? own : 'within', deeper),
    ),
  );
}

/** A text of some paragraphs; lists and quotes are made where paragraphs with their mark follow one another. */
export function textOfParagraphs(paragraphs: readonly FlatParagraph[]): RichText {
  return readRichText({ type: 'doc', content: blocksOf(paragraphs, 0) });
}

function blocksOf(paragraphs: readonly FlatParagraph[], level: number): readonly Block[] {
  const blocks: Block[] = [];
  let at = 0;
  while (at < paragraphs.length) {
    const paragraph = paragraphs[at];
    if (!paragraph) break;
    // What continues no entry stands by itself.
    if (paragraph.mark === 'none' || paragraph.mark === 'within') {
      blocks.push(asParagraph(paragraph));
      at += 1;
      continue;
    }
    const kind = paragraph.mark;
    const end = endOfRun(paragraphs, at, kind, level);
    const run = paragraphs.slice(at, end);
    blocks.push(kind === 'quote' ? quoteOf(run, level) : listOf(run, kind, level));
    at = end;
  }
  return blocks;
}

/** Where what belongs to one list or quote ends: at a paragraph in none, or at another mark on its own level. */
function endOfRun(paragraphs: readonly FlatParagraph[], from: number, kind: ParagraphMark, level: number): number {
  let at = from + 1;
  for (; at < paragraphs.length; at += 1) {
    const { mark, level: own } = paragraphs[at] ?? { mark: 'none' as const, level: 0 };
    if (mark === 'none' || own < level) break;
    if (own === level && mark !== kind && !(mark === 'within' && kind !== 'quote')) break;
  }
  return at;
}

function quoteOf(run: readonly FlatParagraph[], level: number): Block {
  const content = groupsBy(run, level).flatMap(([head, ...deeper]) => [
    ...(head ? [asParagraph(head)] : []),
    ...blocksOf(deeper, level + 1),
  ]);
  return { type: 'blockquote', content };
}

function listOf(run: readonly FlatParagraph[], kind: 'bullet' | 'number', level: number): List {
  return {
    type: kind === 'bullet' ? 'bulletList' : 'orderedList',
    content: groupsBy(run, level, (paragraph) => paragraph.mark !== 'within').map(([head, ...rest]) => ({
      type: 'listItem' as const,
      content: [
        ...(head ? [asParagraph(head)] : []),
        ...groupsBy(rest, level).flatMap(([first, ...deeper]) =>
          first && first.level > level
            ? blocksOf([first, ...deeper], level + 1)
            : [...(first ? [asParagraph(first)] : []), ...blocksOf(deeper, level + 1)],
        ),
      ],
    })),
  };
}

/** Paragraphs in groups that begin with one on a level; what comes before the first of those is a group of its own. */
function groupsBy(
  run: readonly FlatParagraph[],
  level: number,
  begins: (paragraph: FlatParagraph) => boolean = () => true,
): readonly (readonly FlatParagraph[])[] {
  const groups: FlatParagraph[][] = [];
  for (const paragraph of run) {
    const last = groups.at(-1);
    if (!last || (paragraph.level <= level && begins(paragraph))) groups.push([paragraph]);
    else last.push(paragraph);
  }
  return groups;
}

function asParagraph({ align, content }: FlatParagraph): Paragraph {
  return {
    type: 'paragraph',
    ...(align === null ? {} : { attrs: { textAlign: align } }),
    ...(content.length > 0 ? { content } : {}),
  };
}
