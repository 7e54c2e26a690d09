/**
 * A deck from Markdown (as CommonMark and GitHub write it, read by `marked`) or from a plain outline: each heading is a
 * slide with what stands under it; links to headings are links to slides. Nothing is fetched from an address in it.
 */
import { cutText, type Deck, newId, ranksBetween, type SlideId, storableText } from '../../deck/index.js';
import type { Unread } from '../route-sketch.js';
import { anchorsOf } from './anchors.js';
import { type HeadedPart, headedParts } from './headed-parts.js';
import { MarkdownText } from './markdown-text.js';
import { hasHeadings, outlineAsMarkdown } from './outline-text.js';
import { withSlide } from './slide-of-part.js';

/** A deck that was read from a file, and what of that was not. */
export interface ReadDeck {
  readonly deck: Deck;
  readonly unread: readonly Unread[];
}

/** The longest text that is read, in letters, and the most slides that are made of it. */
const LONGEST = 2_000_000;
const MOST_SLIDES = 500;

/**
 * A deck with a slide for each heading of a text, of the look and language of an empty one. A text without headings is an outline: what
 * begins at the margin after an empty line is a slide's name. Linear.
 */
export function readMarkdown(text: string, empty: Deck, createId: () => string = newId): ReadDeck {
  const written = storableText(text.slice(0, LONGEST))
    .replace(/^\ufeff/, '')
    .replace(/\r\n?/g, '\n');
  const parts = headedParts(hasHeadings(written) ? written : outlineAsMarkdown(written));
  const kept = parts.slice(0, MOST_SLIDES);
  const slides = kept.map((part) => ({ part, id: createId() }));
  const anchored = anchorsOf(kept.map(({ name }) => name));
  const anchors = new Map(slides.map(({ id }, at): [string, SlideId] => [anchored[at] ?? '', id]));
  const unread: Unread[] = [];
  const ranks = ranksBetween(null, null, slides.length);
  const made = slides.map(({ part, id }, at): Deck => {
    const reader = new MarkdownText((anchor) => anchors.get(anchor.toLowerCase()) ?? null);
    const alone = withSlide(empty, part, { id, opens: isOpening(parts, at), reader, createId });
    unread.push(...reader.left.map((said): Unread => ({ line: part.line, kind: 'other', said: cutText(said, 80) })));
    const slide = alone.slides[id];
    return slide ? { ...alone, slides: { [id]: { ...slide, rank: ranks[at] ?? slide.rank } } } : alone;
  });
  const deck: Deck = {
    ...empty,
    slides: Object.fromEntries(made.flatMap(({ slides: own }) => Object.entries(own))),
    items: Object.fromEntries(made.flatMap(({ items }) => Object.entries(items))),
  };
  if (parts.length > kept.length)
    unread.push({ line: parts[MOST_SLIDES]?.line ?? 0, kind: 'too-much', said: parts[MOST_SLIDES]?.name ?? '' });
  return { deck, unread };
}

/** Whether a part opens the deck: the only heading of the first level, with little under it. */
function isOpening(parts: readonly HeadedPart[], at: number): boolean {
  const [first] = parts;
  return at === 0 && first?.level === 1 && parts.length > 1 && parts.slice(1).every(({ level }) => level > 1);
}
