/** A template: where it belongs in a lesson, what students do on it, and its slides. */
import type { Deck } from '../deck/index.js';

/** Where in a lesson something belongs. */
export const moments = ['getting-going', 'finding-out', 'practising', 'looking-back'] as const;

/** Where in a lesson something belongs. */
export type Moment = (typeof moments)[number];

/** What students do. */
export const doings = [
  'choose',
  'write',
  'number',
  'draw',
  'point',
  'sort',
  'match',
  'order',
  'label',
  'speak',
] as const;

/** What students do. */
export type Doing = (typeof doings)[number];

/** What something is about, where it is about one subject more than others. */
export const subjects = ['language', 'maths', 'science', 'society', 'arts'] as const;

/** What something is about. */
export type Subject = (typeof subjects)[number];

/** Ages of students, in years: 7 to 10, 11 to 14, 15 to 18. */
export const ages = ['7-10', '11-14', '15-18'] as const;

/** Ages of students, in years. */
export type Age = (typeof ages)[number];

/** Something to begin from. */
export interface Template {
  readonly id: string;
  readonly name: string;
  readonly moment: Moment;
  /** Of a deck, all that is done in it. */
  readonly does: readonly Doing[];
  /** `null` where it goes with any subject. */
  readonly subject: Subject | null;
  /** Whom it is for. */
  readonly ages: readonly Age[];
  /** One slide, or those of a short deck. */
  readonly deck: Deck;
}

/** Whether a template is a short deck rather than a slide. */
export function isDeckTemplate({ deck }: Template): boolean {
  return Object.keys(deck.slides).length > 1;
}
