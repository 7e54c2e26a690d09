/** How a deck and its slides are played: transitions, by itself, over and over. */
import { type Fields, readBoolean, readFields, readNumber, readOneOf } from './reading.js';

/** The names of the ways in which one slide follows another. */
export const transitionNames = ['cut', 'melt', 'push', 'cover', 'wipe', 'rise'] as const;

/** The name of a way in which one slide follows another. */
export type TransitionName = (typeof transitionNames)[number];

/** How a deck is played where its slides do not say otherwise. */
export interface Playing {
  readonly transition: TransitionName;
  /** Whether it goes on by itself from the start. */
  readonly byItself: boolean;
  /** Whether it begins again after its last slide. */
  readonly overAndOver: boolean;
}

/** When a slide is seen as a whole, next to its viewpoints; `on-demand` when somebody asks for it. */
export const overviews = ['first', 'last', 'first-and-last', 'on-demand'] as const;

/** When a slide is seen as a whole. */
export type Overview = (typeof overviews)[number];

/** What a slide says of how it is played. */
export interface SlidePlaying {
  /** How it comes; `null` as the deck says. */
  readonly transition: TransitionName | null;
  /** How long it stays when the deck goes on by itself, in seconds; `null` for as long as its words take to read. */
  readonly stays: number | null;
  readonly overview: Overview;
}

/** The longest a slide can stay, in seconds. */
const LONGEST_STAY = 3600;

/** How a deck is played, from untrusted JSON. */
export function readPlaying(value: unknown): Playing {
  const fields = readFields(value);
  return {
    transition: readOneOf(fields?.['transition'], transitionNames, 'cut'),
    byItself: readBoolean(fields?.['byItself'], false),
    overAndOver: readBoolean(fields?.['overAndOver'], false),
  };
}

/** What a slide says of how it is played, from untrusted JSON. */
export function readSlidePlaying(fields: Fields): SlidePlaying {
  return {
    transition: readOneOf<TransitionName | null>(fields['transition'], [...transitionNames, null], null),
    stays: typeof fields['stays'] === 'number' ? readNumber(fields['stays'], 10, 1, LONGEST_STAY) : null,
    overview: readOneOf(fields['overview'], overviews, 'first'),
  };
}
