/** What of a school's shelf is in sight: decisions apart from how they are drawn. */
import { AGES, type OfferedDeck } from '@gobrel/contract';
import { saysAll, searchWords } from '@gobrel/core/search';

/** What somebody looks for on the shelf. */
export interface ShelfFilter {
  readonly sought: string;
  /** The ids of decks on whose slides the sought words stand; `null` while that is not known. */
  readonly found: readonly string[] | null;
  /** '' for any. */
  readonly subject: string;
  /** In years; `null` for any. */
  readonly age: number | null;
}

/** The decks of a shelf that fit: by title, colleague, subject or slides at once, by subject, by age. */
export function offeredFitting(
  offered: readonly OfferedDeck[],
  { sought, found, subject, age }: ShelfFilter,
): readonly OfferedDeck[] {
  const words = searchWords(sought);
  const ids = new Set(found);
  return offered.filter(
    (offer) =>
      (words.length === 0 ||
        ids.has(offer.deck.id) ||
        saysAll(`${offer.deck.title} ${offer.by} ${offer.subject}`, words)) &&
      (subject === '' || offer.subject === subject) &&
      (age === null || (offer.ageFrom <= age && age <= offer.ageTo)),
  );
}

/** The subjects on a shelf, each once, in order of the alphabet of a language. */
export function subjectsOn(offered: readonly OfferedDeck[], language: string): readonly string[] {
  const subjects = new Set(offered.map(({ subject }) => subject).filter((subject) => subject !== ''));
  return [...subjects].sort(new Intl.Collator(language).compare);
}

/** The ages a deck can be for, in years. */
export function everyAge(): readonly number[] {
  return Array.from({ length: AGES.most - AGES.least + 1 }, (_each, at) => AGES.least + at);
}

/** Whether a deck is for students of every age. */
export function isForEveryAge({ ageFrom, ageTo }: Pick<OfferedDeck, 'ageFrom' | 'ageTo'>): boolean {
  return ageFrom === AGES.least && ageTo === AGES.most;
}
