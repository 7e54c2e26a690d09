/** How a question is marked, as a code that the interface puts into words, with what the words are filled with. */

/** How a question is marked. */
export type Rule =
  /** No key, or none that a computer could go by: a person reads the answers. */
  | { readonly code: 'read-by-person' | 'poll' | 'right-choice' | 'choices' | 'no-piece' }
  | { readonly code: 'dot' | 'dots' | 'line' | 'arrow' }
  | {
      readonly code: 'words';
      readonly forgiving: 'nothing' | 'slips' | 'patterns' | 'both';
      /** The most slips that are forgiven. */
      readonly slips: number;
      readonly strict: 'nothing' | 'capitals' | 'accents' | 'both';
    }
  /** The number with its unit; whether half the points are given when only the unit is missing. */
  | { readonly code: 'number'; readonly half: boolean }
  | { readonly code: 'number-within'; readonly tolerance: string; readonly key: string; readonly half: boolean }
  | { readonly code: 'scale'; readonly tolerance: string; readonly key: string }
  /** The points of one piece. */
  | { readonly code: 'any-piece' | 'pieces' | 'pieces-in-order'; readonly points: number };

/** The rule of whatever has no key, or none that a computer could go by. */
export const READ_BY_PERSON: Rule = { code: 'read-by-person' };
