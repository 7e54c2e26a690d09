/** What does not go into a file, or did not come out of one, as codes that the interface puts into words. */
import type { ItemKindName } from '../deck/index.js';

/** Parts of a question that a file has and a question here has not. */
export type LostPart =
  | 'feedback'
  | 'emphasis'
  | 'formulas'
  | 'media'
  | 'tables'
  | 'computed'
  | 'stimulus'
  | 'helps'
  | 'notes'
  | 'pictures'
  | 'links'
  | 'raised-letters'
  | 'long-ends'
  | 'more-choices'
  | 'bound'
  | 'other-numbers'
  | 'key'
  | 'outline'
  | 'several-places'
  | 'gaps'
  | 'own-marking'
  | 'single-points'
  | 'one-sided-tolerance'
  | 'exact-points'
  | 'picture';

/** Parts of a question here that a file does not hold. */
export type UnwrittenPart = 'hints' | 'checks' | 'said' | 'sureness' | 'slips';

/** Parts of a slide that a presentation file does not hold. */
export type UnheldPart =
  | 'steps'
  | 'viewpoints'
  | 'gates'
  | 'links-by-answer'
  | 'links-to-decks'
  | 'links-to-files'
  | 'links-restart'
  | 'links-left'
  | 'mirrored-shapes'
  | 'voices'
  | 'sounds-along'
  | 'formulas'
  | 'stickers'
  | 'bends'
  | 'bars-at-ends'
  | 'captions'
  | 'theme-drawings'
  | 'box-finish'
  | 'slide-numbers'
  | 'sections'
  | 'missing-media';

/** Parts of a slide in a presentation file that a slide here does not hold, or that are not read. */
export type UnreadPart =
  | 'animations'
  | 'embedded-objects'
  | 'formulas'
  | 'comments'
  | 'programs'
  | 'ready-diagrams'
  | 'links-left'
  | 'linked-files'
  | 'unknown-pictures'
  | 'unknown-media'
  | 'fonts'
  | 'nearest-shapes'
  | 'fills'
  | 'effects'
  | 'merged-cells'
  | 'charts-as-tables'
  | 'moving-lines'
  | 'other';

/** Why a document of XML is not read. */
export type XmlFault = 'too-large' | 'entities' | 'broken' | 'empty' | 'too-deep';

/** Why something was left behind. */
export type Loss =
  | {
      readonly code:
        | 'asks-nothing'
        | 'asks-several'
        | 'broken-package'
        | 'choices-are-pictures'
        | 'draws-on-pictures'
        | 'few-choices'
        | 'no-columns'
        | 'no-item'
        | 'no-lines'
        | 'no-question'
        | 'no-results'
        | 'no-scale'
        | 'no-speaking'
        | 'no-text'
        | 'order-in-part'
        | 'package-too-large'
        | 'picture-without-size'
        | 'points-at-pictures'
        | 'results-too-large'
        | 'several-right'
        | 'table-holds-few'
        | 'table-too-large'
        | 'too-much-in-package';
    }
  | { readonly code: 'read-without'; readonly parts: readonly LostPart[] }
  | { readonly code: 'written-without'; readonly parts: readonly UnwrittenPart[] }
  /** A slide that lost something on its way into a presentation file, or out of one. */
  | { readonly code: 'slide-without'; readonly parts: readonly UnheldPart[] }
  | { readonly code: 'slide-read-without'; readonly parts: readonly UnreadPart[] }
  /** Items of a slide that became what can be printed and moved. */
  | { readonly code: 'printed'; readonly kinds: readonly ItemKindName[] }
  | { readonly code: 'only-first-slides'; readonly most: number }
  /** A file that is no package, and no item either: why not. */
  | { readonly code: 'no-package'; readonly why: Loss }
  | { readonly code: 'xml'; readonly fault: XmlFault }
  /** An item that stands beside questions, and has no place in a file of them. */
  | { readonly code: 'no-place'; readonly kind: ItemKindName }
  /** An interaction of QTI by its name. */
  | { readonly code: 'no-counterpart'; readonly name: string }
  | { readonly code: 'only-first-questions' | 'only-first-rows'; readonly most: number }
  /** What is written where something else is wanted. */
  | { readonly code: 'no-points' | 'no-choice' | 'no-number' | 'no-tolerance' | 'no-kind'; readonly text: string };

/** Something that was left behind, and why. */
export interface NotCarried {
  /** What it is called; '' for the file as a whole. */
  readonly name: string;
  /** The row of the table it stands in, counted from 1. */
  readonly row?: number;
  readonly why: Loss;
}
