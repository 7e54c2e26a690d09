/** What Markdown and outlines are written of: slides with names, and what stands on them in the order of reading. */
import type { Item, Slide } from '../../deck/index.js';
import type { NotCarried } from '../loss.js';
import type { PlainItem } from '../presentation/plain-deck.js';

/** A text that was written, with what is not in it. */
export interface WrittenText {
  readonly text: string;
  readonly left: readonly NotCarried[];
}

/** What slides are called, by their ids; those without a name by their number. */
export function namesOf(
  slides: readonly Slide[],
  words: { readonly slide: (number: number) => string },
): ReadonlyMap<string, string> {
  return new Map(slides.map(({ id, name }, at) => [id, name.trim() || words.slide(at + 1)]));
}

/** From the top down, and beside one another along the line. */
export function inReadingOrder(items: readonly PlainItem[]): readonly PlainItem[] {
  const row = ({ frame }: Item) => Math.round((frame.y + frame.height / 2) / 40);
  return items.filter(({ layer }) => layer !== 'backdrop').toSorted((a, b) => row(a) - row(b) || a.frame.x - b.frame.x);
}
