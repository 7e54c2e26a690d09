/** A show that goes on by itself: how long a slide stays, and where it has to wait for somebody. */
import {
  asksSomething,
  type Deck,
  isMedia,
  type Item,
  itemsOf,
  lettersOf,
  playedSeconds,
  type SlideId,
  textsOf,
} from '../deck/index.js';
import { isAlong } from './sounds.js';
import { linksFrom } from '../routes/index.js';
import type { ShowState } from './show.js';
import { shownStop } from './show.js';
import { stopsOf } from './stops.js';

/** Words that are read from a wall in a minute, somewhat slower than from a page, and the least a slide stays, in ms. */
const READING = { wordsAMinute: 150, least: 4000, picture: 2000 } as const;

/** How long a slide stays when nothing is said, in milliseconds: for its words, and a while for each picture. */
export function readingTime(deck: Deck, slideId: SlideId): number {
  let [words, pictures] = [0, 0];
  for (const item of itemsOf(deck, slideId)) {
    if (item.hidden) continue;
    for (const { text } of textsOf(item)) words += wordsIn(lettersOf(text));
    if (item.kind === 'picture') pictures += 1;
  }
  const time = (words / READING.wordsAMinute) * 60_000 + pictures * READING.picture;
  return Math.round(Math.max(READING.least, time) / 500) * 500;
}

/** Words of a text; a text in letters that are written without spaces counts two of them as a word. */
function wordsIn(text: string): number {
  const unspaced = text.match(/[\u3040-\u30ff\u3400-\u9fff]/g)?.length ?? 0;
  const spaced = text.match(/[\p{L}\p{N}]+/gu)?.length ?? 0;
  return unspaced > 0 ? spaced + unspaced / 2 : spaced;
}

/** How long the present stop stays, in milliseconds: the slide's time in equal parts. */
export function stayOf(deck: Deck, state: ShowState): number {
  const { slideId } = shownStop(state);
  const stays = deck.slides[slideId]?.stays;
  const told = (deck.slides[slideId]?.voice?.seconds ?? 0) * 1000;
  const heard = Math.max(told, ...itemsOf(deck, slideId).map(playedByItself));
  // What is told takes as long as it takes; nothing that plays is cut short.
  const whole = Math.max(heard, stays == null ? (told > 0 ? told : readingTime(deck, slideId)) : stays * 1000);
  return Math.max(1000, whole / stopsOf(deck, slideId).length);
}

/** How long something takes that plays by itself, in milliseconds; what begins again and again waits for nobody. */
function playedByItself(item: Item): number {
  const plays = isMedia(item) && item.plays !== null && !item.hidden && !item.overAndOver && !isAlong(item);
  return plays ? playedSeconds(item) * 1000 : 0;
}

/**
 * Whether a slide has a choice to make, past which nothing may go by itself: it is left by links only, something on
 * it leads somewhere, or it asks for something.
 */
export function asksForSomebody(deck: Deck, slideId: SlideId): boolean {
  if (deck.slides[slideId]?.exits === 'links-only') return true;
  // What only opens beside the show leaves its reader where they are.
  if (linksFrom(deck, slideId).some(({ destination }) => destination.to !== 'web' && destination.to !== 'file'))
    return true;
  return itemsOf(deck, slideId).some((item) => asksSomething(item) || item.loose);
}
