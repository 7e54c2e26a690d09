/** What of a library is in sight, and in which order: decisions apart from how they are drawn. */
import type { DeckSummary, FoundDeck, UnitView } from '@gobrel/contract';
import { saysAll, searchWords } from '@gobrel/core/search';

/** A part of the library; units by their ids. */
export type Shelf = 'all' | 'shared' | 'school' | 'archive' | 'bin' | { readonly unitId: string };

/** In which order decks stand. */
export const sortings = ['edited', 'title', 'slides'] as const;

/** In which order decks stand: the one edited last first, by title, the one with most slides first. */
export type Sorting = (typeof sortings)[number];

/** Decks under a heading; `null` for those in no unit. */
export interface DeckGroup {
  readonly unit: UnitView | null;
  readonly decks: readonly DeckSummary[];
}

/** A shelf as it stands in the address; what is no shelf is all of the library. */
export function shelfFrom(written: string | null): Shelf {
  if (written === 'shared' || written === 'school' || written === 'archive' || written === 'bin') return written;
  return written?.startsWith('unit-') ? { unitId: written.slice('unit-'.length) } : 'all';
}

/** How a shelf is written in the address. */
export function shelfAddress(shelf: Shelf): string {
  return typeof shelf === 'string' ? shelf : `unit-${shelf.unitId}`;
}

/** The decks of a part of the library; what is in the archive is only there. */
export function decksOn(shelf: Shelf, decks: readonly DeckSummary[]): readonly DeckSummary[] {
  const present = decks.filter(({ archivedAt }) => archivedAt === null);
  if (shelf === 'all') return present;
  if (shelf === 'shared') return present.filter(({ sharedBy }) => sharedBy !== null);
  if (shelf === 'archive') return decks.filter(({ archivedAt }) => archivedAt !== null);
  // What is in the bin and what colleagues offer are lists of their own.
  return shelf === 'bin' || shelf === 'school' ? [] : present.filter(({ unitId }) => unitId === shelf.unitId);
}

/**
 * The decks that are sought: by title at once, by the words on their slides when the server has said which they are.
 * @param found `null` while that is not known
 */
export function decksFound(
  decks: readonly DeckSummary[],
  sought: string,
  found: readonly FoundDeck[] | null,
): readonly DeckSummary[] {
  const words = searchWords(sought);
  if (words.length === 0) return decks;
  const ids = new Set(found?.map(({ id }) => id));
  return decks.filter((deck) => saysAll(deck.title, words) || ids.has(deck.id));
}

/** Decks in order; titles as the language sorts them, numbers in them by their size. */
export function sorted(decks: readonly DeckSummary[], by: Sorting, language: string): readonly DeckSummary[] {
  const byTitle = new Intl.Collator(language, { numeric: true, sensitivity: 'base' });
  const titles = (a: DeckSummary, b: DeckSummary) => byTitle.compare(a.title, b.title);
  const orders: Readonly<Record<Sorting, (a: DeckSummary, b: DeckSummary) => number>> = {
    edited: (a, b) => Date.parse(b.updatedAt) - Date.parse(a.updatedAt) || titles(a, b),
    title: titles,
    slides: (a, b) => b.slideCount - a.slideCount || titles(a, b),
  };
  return [...decks].sort(orders[by]);
}

/** Decks by their units, those in none at the end; without empty units. Decks keep their order. */
export function byUnit(decks: readonly DeckSummary[], units: readonly UnitView[]): readonly DeckGroup[] {
  const known = new Set(units.map(({ id }) => id));
  const groups: DeckGroup[] = [
    ...units.map((unit) => ({ unit, decks: decks.filter(({ unitId }) => unitId === unit.id) })),
    { unit: null, decks: decks.filter(({ unitId }) => unitId === null || !known.has(unitId)) },
  ];
  return groups.filter((group) => group.decks.length > 0);
}
