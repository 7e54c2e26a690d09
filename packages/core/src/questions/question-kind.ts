/** What the house must know of a kind of question: one folder a kind, entered in `marking.ts`. */
import type { Deck, ItemKindName, ItemOf, OwnFields } from '../deck/index.js';
import type { Work, WorkChange } from '../work/index.js';
import type { Mark } from './mark.js';
import type { Rule } from './rule.js';

/** An entry of the table of question kinds. */
export interface QuestionKind<K extends ItemKindName> {
  /** The mark for what a student did with this item, or `null` when it has no key and is not marked. */
  readonly mark: (item: ItemOf<K>, work: Work, edition: Deck) => Mark | null;
  /** Whether a person is to mark it, as no key does. */
  readonly isRead: (item: ItemOf<K>) => boolean;
  /** How it is marked. */
  readonly rule: (item: ItemOf<K>, edition: Deck) => Rule;
  /** What a student gave, in words; '' when nothing. */
  readonly given: (item: ItemOf<K>, work: Work, edition: Deck) => string;
  /** What somebody would do who answers just as the key says; nothing when there is no key. */
  readonly keyed: (item: ItemOf<K>, edition: Deck) => readonly WorkChange[];
  /**
   * The key that makes what was filled in right; `null` when that says nothing, or no key can be made of it.
   * @param createId for what a key has ids for
   */
  readonly keyFrom: (item: ItemOf<K>, work: Work, createId: () => string) => Partial<OwnFields<K>> | null;
}

/** For questions that no key marks. */
export const noKey = { keyed: (): readonly WorkChange[] => [], keyFrom: () => null };

/** A new accepted answer before the others. */
export function acceptedInFront(words: string, accepted: readonly string[]): readonly string[] {
  return [words, ...accepted.filter((other) => other !== words && other !== '')];
}
