/** What the house must know of a kind of question: one folder a kind, entered in `index.ts`. */
import type { Deck, ItemKindName, ItemOf } from '../deck/index.js';
import type { Work } from '../work/index.js';
import type { Mark } from './mark.js';

/** An entry of the table of question kinds. */
export interface QuestionKind<K extends ItemKindName> {
  /** The mark for what a student did with this item, or `null` when it has no key and is not marked. */
  readonly mark: (item: ItemOf<K>, work: Work, edition: Deck) => Mark | null;
  /** What a student gave, in words; '' when nothing. */
  readonly given: (item: ItemOf<K>, work: Work, edition: Deck) => string;
}
