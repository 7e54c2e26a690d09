/** What a deck has of contents that are stored beside it: pictures and files. */
import { contentsOf } from '../kinds/item-kinds.js';
import type { StoredContent } from '../kinds/kind.js';
import { isMedia } from '../media/media-fields.js';
import { linkedWordsIn } from '../text/texts.js';
import type { Deck } from './deck.js';
import type { Item } from './item.js';

/** Everything of items that is stored beside their deck: what they show, and files their links lead to; each once. */
export function contentsOfItems(items: readonly Item[]): readonly string[] {
  return [...new Set([...items.flatMap((item) => storedAs('picture', item)), ...items.flatMap(filesOf)])];
}

/** What an item shows that is stored in one of both ways, by the SHA-256 of its bytes. */
function storedAs(as: StoredContent['as'], item: Item): readonly string[] {
  return contentsOf(item).flatMap((content) => (content.as === as ? [content.id] : []));
}

/** The files that an item shows or that its links lead to, by the SHA-256 of their bytes. */
function filesOf(item: Item): readonly string[] {
  const destinations = [item.link, ...linkedWordsIn(item).map(({ destination }) => destination)];
  const led = destinations.flatMap((destination) => (destination?.to === 'file' ? [destination.file] : []));
  return [...storedAs('file', item), ...led];
}

/** The pictures a deck shows, by the SHA-256 of their bytes, each once. */
export function picturesIn(deck: Deck): readonly string[] {
  const grounds = Object.values(deck.slides).flatMap(({ groundPicture }) => groundPicture?.picture ?? []);
  return [...new Set([...Object.values(deck.items).flatMap((item) => storedAs('picture', item)), ...grounds])];
}

/** The files that a deck shows or its links lead to, by the SHA-256 of their bytes, each once. */
export function filesIn(deck: Deck): readonly string[] {
  const voices = Object.values(deck.slides).flatMap(({ voice }) => voice?.file ?? []);
  return [...new Set([...Object.values(deck.items).flatMap(filesOf), ...voices])];
}

/** The videos, sounds and voices of a deck, each file once, with how many bytes it has; 0 where that is not known. */
export function mediaIn(deck: Deck): readonly { readonly file: string; readonly bytes: number }[] {
  const voices = Object.values(deck.slides).flatMap(({ voice }) => voice ?? []);
  const items = Object.values(deck.items).filter(isMedia);
  const files = new Map([...items, ...voices].map(({ file, bytes }) => [file, bytes]));
  return [...files].flatMap(([file, bytes]) => (file === '' ? [] : [{ file, bytes }]));
}

/** Everything of a deck that is stored beside it: pictures and files, by the SHA-256 of their bytes. */
export function contentsIn(deck: Deck): readonly string[] {
  return [...picturesIn(deck), ...filesIn(deck)];
}
