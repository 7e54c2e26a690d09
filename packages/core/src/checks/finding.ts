/** What the deck check finds. */
import type { ItemId, SlideId } from '../deck/index.js';

/** How much a finding matters: it spoils the lesson, it is worth a look, or it keeps somebody out. */
export const levels = ['fix', 'look', 'easier'] as const;

/** How much a finding matters. */
export type Level = (typeof levels)[number];

/** What each rule tells besides where it is. */
export interface RuleValues {
  /** Letters in points, as they are and as they have to be. */
  readonly 'small-text': { readonly points: number; readonly needed: number };
  readonly overflow: NoValues;
  /** Contrast ratios, as it is and as it has to be. */
  readonly contrast: { readonly ratio: number; readonly needed: number };
  /** Years at school, as they are needed and as there are. */
  readonly 'reading-level': { readonly years: number; readonly wanted: number };
  readonly 'reading-order': NoValues;
  /** How many pixels of a projector there are for one of the picture. */
  readonly blurred: { readonly times: number };
  readonly 'no-description': NoValues;
  readonly 'no-captions': NoValues;
  readonly 'formula-not-drawn': { readonly tex: string };
  readonly 'no-credit': NoValues;
  readonly 'changed-against-licence': NoValues;
  readonly heavy: { readonly megabytes: number };
  readonly 'colour-alone': { readonly count: number };
  readonly 'broken-link': { readonly carrier: string };
  readonly unreachable: NoValues;
  readonly 'dead-end': NoValues;
  readonly 'endless-loop': NoValues;
  readonly 'never-opens': { readonly carrier: string };
  /** How many links there are, and the one slide that all lead to. */
  readonly 'one-target': { readonly count: number; readonly to: SlideId };
  readonly 'outside-sections': NoValues;
  readonly 'outside-slide': { readonly wholly: boolean };
  readonly 'hotspots-overlap': NoValues;
  readonly covered: { readonly by: ItemId };
  readonly 'no-key': NoValues;
  readonly 'key-unreachable': NoValues;
  readonly 'piece-without-zone': NoValues;
  /** Pieces that belong there, and how many have room. */
  readonly 'zone-too-small': { readonly pieces: number };
  readonly unfinished: NoValues;
  readonly 'unnamed-blank': NoValues;
  /** Seconds that the slide stays, and that its words take. */
  readonly 'too-quick': { readonly stays: number; readonly reading: number };
  /** Minutes that the deck takes, and that there are. */
  readonly 'too-long': { readonly takes: number; readonly minutes: number };
}

type NoValues = Readonly<Record<string, never>>;

/** The name of a rule. */
export type RuleName = keyof RuleValues;

/** One thing that was found. */
export type Finding = {
  readonly [R in RuleName]: {
    readonly rule: R;
    readonly level: Level;
    readonly slideId: SlideId;
    /** The items concerned, the first of them first of all; empty when it is the slide as a whole. */
    readonly items: readonly ItemId[];
    readonly values: RuleValues[R];
  };
}[RuleName];

/** What tells one finding from all others, however the deck changes around it. */
export function findingId({ rule, slideId, items }: Pick<Finding, 'rule' | 'slideId' | 'items'>): string {
  return [rule, slideId, ...items].join(' ');
}
