/** Where the words of ways stand on the map: on their own ways, and on no card and no other words as far as there is room. */
import type { Box, Point } from '@gobrel/core/geometry';
import { bendKey, CARD, type MapLayout } from '@gobrel/core/route-map';
import { wayCourse } from '../../../shared/slides';

/** The words of a way. */
export interface WayToName {
  readonly key: string;
  readonly from: string;
  readonly to: string;
  /** How many ways between the same two slides are drawn before it. */
  readonly turn: number;
  readonly words: string;
}

/** How far along its way the middle of the words stands, from 0 to 1, and how far above or below it, in units of the map. */
export interface WordsPlace {
  readonly share: number;
  readonly aside: number;
}

/** Where the words of a way stand while nothing says otherwise. */
export const MIDDLE: WordsPlace = { share: 0.5, aside: 0 };

/** The most room that words take, in units of the map: a few lines of the largest letters, between two cards. */
export const WORDS = { width: 112, letter: 26, line: 30, lines: 3 } as const;
/** The mean width of a letter in letters' heights. */
const WIDE = 0.53;
/** How far from a card's edge the middle of its port lies, in units of the map. */
const PORT = 11;

/** Places that are tried, the ones that read best first; how far aside, in heights of the words. */
const tried: readonly WordsPlace[] = [0, -0.55, 0.55, -1.05, 1.05].flatMap((aside) =>
  [0.5, 0.42, 0.58, 0.34, 0.66, 0.26, 0.74, 0.18, 0.82, 0.12, 0.88].map((share) => ({ share, aside })),
);

/** The course of a way between the cards that stand at two places. */
export function courseBetween(from: Point, to: Point, bends: readonly Point[], turn: number) {
  const start = { x: from.x + CARD.width + PORT, y: from.y + CARD.height / 2 };
  const end = { x: to.x - PORT, y: to.y + CARD.height / 2 };
  return wayCourse(start, end, bends, turn);
}

/**
 * Finds each way's words a place, by their keys; ways without words or without cards get none.
 * @param titles what else is written on the map, which no words lie on either
 */
export function placesOfWords(
  ways: readonly WayToName[],
  { places, bends }: MapLayout,
  titles: readonly Box[] = [],
): ReadonlyMap<string, WordsPlace> {
  const taken = new Taken();
  for (const { x, y } of Object.values(places)) taken.take({ x, y, width: CARD.width, height: CARD.height });
  for (const title of titles) taken.take(title);
  const found = new Map<string, WordsPlace>();
  for (const { key, from, to, turn, words } of ways) {
    const [start, end] = [places[from], places[to]];
    if (words === '' || !start || !end) continue;
    const course = courseBetween(start, end, bends[bendKey(from, to)] ?? [], turn);
    const size = roomOf(words);
    let best: { place: WordsPlace; box: Box; covered: number } | null = null;
    for (const { share, aside } of tried) {
      const place = { share, aside: Math.round(aside * size.height) };
      const box = boxAround(course.at(place.share), place.aside, size);
      const covered = taken.coveredBy(box);
      if (best === null || covered < best.covered) best = { place, box, covered };
      if (covered === 0) break;
    }
    if (!best) continue;
    taken.take(best.box);
    found.set(key, best.place);
  }
  return found;
}

/** The room that words take at most, in units of the map. */
export function roomOf(words: string): { readonly width: number; readonly height: number } {
  const length = words.length * WORDS.letter * WIDE;
  const lines = Math.min(WORDS.lines, Math.ceil(length / WORDS.width));
  return { width: Math.min(WORDS.width, length + 8), height: lines * WORDS.line };
}

function boxAround({ x, y }: Point, aside: number, { width, height }: { width: number; height: number }): Box {
  return { x: x - width / 2, y: y + aside - height / 2, width, height };
}

/** Boxes that are taken, looked up by columns as wide as the widest words. */
class Taken {
  private readonly columns = new Map<number, Box[]>();

  take(box: Box): void {
    for (const column of columnsOf(box)) {
      const known = this.columns.get(column);
      if (known) known.push(box);
      else this.columns.set(column, [box]);
    }
  }

  /** How much of what is taken a box would lie on, in square units of the map. */
  coveredBy(box: Box): number {
    const met = new Set(columnsOf(box).flatMap((column) => this.columns.get(column) ?? []));
    return [...met].reduce((sum, other) => sum + sharedBy(box, other), 0);
  }
}

function columnsOf({ x, width }: Box): readonly number[] {
  const [from, to] = [Math.floor(x / WORDS.width), Math.floor((x + width) / WORDS.width)];
  return Array.from({ length: to - from + 1 }, (_, at) => from + at);
}

/** The area that two boxes share, in square units of the map. */
function sharedBy(one: Box, other: Box): number {
  const across = Math.min(one.x + one.width, other.x + other.width) - Math.max(one.x, other.x);
  const down = Math.min(one.y + one.height, other.y + other.height) - Math.max(one.y, other.y);
  return across > 0 && down > 0 ? across * down : 0;
}
