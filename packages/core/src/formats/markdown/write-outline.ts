/** A deck as a plain outline: the names of slides at the margin, their words under them, set in as lists are. */
import { type Block, cellsOf, type Deck, lettersOf, type RichText } from '../../deck/index.js';
import { plainDeck, type PlainItem } from '../presentation/plain-deck.js';
import { inReadingOrder, namesOf, type WrittenText } from './written-text.js';

/** How far a line is set in, for each list it stands in. */
const STEP = '  ';

/** The deck as an outline. @param words.slide a slide without a name, by its number */
export function writeOutline(deck: Deck, words: { readonly slide: (number: number) => string }): WrittenText {
  const plain = plainDeck(deck);
  const names = namesOf(
    plain.slides.map(({ slide }) => slide),
    words,
  );
  const parts = plain.slides.map(({ slide, items }) => {
    const name = names.get(slide.id) ?? '';
    const lines = inReadingOrder(items)
      .flatMap(linesOf)
      .filter((line) => line.trim() !== '' && line.trim() !== name);
    return [name, ...lines.map((line) => `${STEP}${line.trimEnd()}`)].join('\n');
  });
  return { text: `${parts.join('\n\n')}\n`, left: plain.left };
}

function linesOf(item: PlainItem): readonly string[] {
  if (item.kind === 'text' || item.kind === 'shape') return linesOfText(item.text);
  if (item.kind === 'table') return cellsOf(item).flatMap(({ text }) => linesOfText(text));
  return item.kind === 'picture' ? item.alt.split('\n').map((line) => line.trim()) : [];
}

const linesOfText = ({ content }: RichText) => content.flatMap((block) => linesOfBlock(block, ''));

function linesOfBlock(block: Block, indent: string): readonly string[] {
  if (block.type === 'paragraph')
    return lettersOf({ type: 'doc', content: [block] })
      .split('\n')
      .map((line) => `${indent}${line.trim()}`);
  if (block.type === 'blockquote') return block.content.flatMap((inner) => linesOfBlock(inner, indent));
  return block.content.flatMap(({ content }) =>
    content.flatMap((inner) => linesOfBlock(inner, inner.type === 'paragraph' ? indent : `${indent}${STEP}`)),
  );
}
