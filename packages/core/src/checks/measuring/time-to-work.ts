/** How long a deck takes whoever goes through all of it. */
import {
  asksSomething,
  type Deck,
  isMedia,
  type Item,
  type ItemKindName,
  itemsOf,
  playedSeconds,
  slidesInOrder,
} from '../../deck/index.js';
import { readingTime } from '../../show/index.js';

/** How long each kind takes to fill in, in seconds; what is not named takes none. */
const SECONDS: Partial<Readonly<Record<ItemKindName, number>>> = {
  zone: 20,
  blank: 15,
  choice: 25,
  'short-text': 45,
  'long-text': 240,
  number: 45,
  point: 25,
  draw: 150,
  'open-area': 180,
};

function secondsFor(item: Item): number {
  if (isMedia(item)) return item.overAndOver ? 0 : playedSeconds(item);
  if (!asksSomething(item)) return 0;
  return item.kind === 'spoken' ? item.longest + 30 : (SECONDS[item.kind] ?? 0);
}

/** Seconds for all slides of the running order: their words, what plays on them, and what is filled in. */
export function timeToWork(deck: Deck): number {
  return slidesInOrder(deck)
    .filter(({ leftOut }) => !leftOut)
    .flatMap(({ id }) => [readingTime(deck, id) / 1000, ...itemsOf(deck, id).map(secondsFor)])
    .reduce((sum, seconds) => sum + seconds, 0);
}
