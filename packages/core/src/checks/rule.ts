/** What a rule of the deck check is: one file a rule in `rules`, entered in `rule-table.ts`. */
import type { Change, CheckSettings, Deck, Item, ItemId, Slide, SlideId, Theme } from '../deck/index.js';
import type { Finding, Level, RuleName, RuleValues } from './finding.js';
import type { Samples } from './measuring/samples.js';
import type { PlacedWords } from './measuring/placed-words.js';

/** What is known besides the deck. */
export interface Given {
  readonly settings: CheckSettings;
  /** The colours of a stored picture; `null` while they are not known. */
  readonly colours: (pictureId: string) => Samples | null;
}

/** A slide as a rule looks at it. */
export interface SlideLook {
  /** The part of the deck that draws it. */
  readonly deck: Deck;
  readonly slide: Slide;
  /** Its theme, with the colours it has on this slide. */
  readonly theme: Theme;
  /** What is seen of it, as it is drawn, from back to front. */
  readonly items: readonly Item[];
  /** Its texts, with where they stand and how large they are in the end. */
  readonly words: readonly PlacedWords[];
}

/** Something found, without what the rule says of all it finds. */
export interface Found<R extends RuleName> {
  readonly items: readonly ItemId[];
  readonly values: RuleValues[R];
}

interface Rule<R extends RuleName> {
  readonly name: R;
  readonly level: Level;
  /** Where the rule comes from: a standard, a study, or what teachers met. */
  readonly source: string;
  /** Mends what was found in one step, and breaks nothing else; `null` where only its author can. */
  readonly mend: ((deck: Deck, found: Extract<Finding, { rule: R }>, given: Given) => readonly Change[]) | null;
}

/** A rule about what is on a slide, whatever the others hold. */
export interface SlideRule<R extends RuleName> extends Rule<R> {
  readonly look: (slide: SlideLook, given: Given) => readonly Found<R>[];
}

/** A rule about how slides hang together. */
export interface DeckRule<R extends RuleName> extends Rule<R> {
  readonly lookAt: (deck: Deck, given: Given) => readonly (Found<R> & { readonly slideId: SlideId })[];
}
