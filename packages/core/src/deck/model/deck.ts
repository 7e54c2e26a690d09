/** A deck: an immutable, JSON-safe value with maps of slides and items by id. */
import { NOTEBOOK } from '../appearance/themes/notebook.js';
import type { Theme } from '../appearance/theme.js';
import type { ItemId, SectionId, SlideId } from './identifiers.js';
import type { Item } from './item.js';
import type { KeptWalk } from './kept-walk.js';
import type { Language } from './language.js';
import { type CheckSettings, USUAL_CHECK } from './check-settings.js';
import { type Playing, readPlaying } from './playing.js';
import { byRank } from './rank.js';
import type { Section } from './section.js';
import type { Slide } from './slide.js';

/**
 * The version of the deck's shape. Since 2, frames and choices merge by part in shared documents; as JSON both versions
 * look alike. What says a later one cannot be read.
 */
export const DECK_VERSION = 2;

/** How deep groups may stand within groups. */
export const DEEPEST_GROUP = 8;

/** The names of the slide sizes. */
export type SlideSizeName = '16:9' | '4:3' | 'a4-portrait' | 'a4-landscape' | 'letter-portrait' | 'letter-landscape';

/** Width and height of each slide size, in slide units. */
export const slideSizes: Readonly<Record<SlideSizeName, SlideSize>> = {
  '16:9': { width: 1280, height: 720 },
  '4:3': { width: 960, height: 720 },
  'a4-portrait': { width: 794, height: 1123 },
  'a4-landscape': { width: 1123, height: 794 },
  'letter-portrait': { width: 816, height: 1056 },
  'letter-landscape': { width: 1056, height: 816 },
};

/** Width and height of a slide, in slide units. */
export interface SlideSize {
  readonly width: number;
  readonly height: number;
}

/** The shortest and the longest side of a size of one's own, in slide units. */
export const OWN_SIZE = { least: 200, most: 10_000 } as const;

/** A deck. */
export interface Deck {
  readonly version: typeof DECK_VERSION;
  readonly title: string;
  /** One of the usual sizes, or one of its own. */
  readonly size: SlideSizeName | SlideSize;
  readonly theme: Theme;
  /** The language it is in; `null` while nobody has said: then it is read as the page around it. */
  readonly language: Language | null;
  /** How it is played where its slides do not say otherwise. */
  readonly playing: Playing;
  /** Walks that its authors kept, the oldest first. */
  readonly walks: readonly KeptWalk[];
  /** What the deck check is to go by. */
  readonly check: CheckSettings;
  readonly slides: Readonly<Record<SlideId, Slide>>;
  readonly items: Readonly<Record<ItemId, Item>>;
  /** The headings in the running order. */
  readonly sections: Readonly<Record<SectionId, Section>>;
}

/** The deck's own fields, apart from its slides, items and sections. */
export type DeckFields = Omit<Deck, 'slides' | 'items' | 'sections'>;

/** How large the slides of a deck are. */
export function sizeOf({ size }: Pick<Deck, 'size'>): SlideSize {
  return typeof size === 'string' ? slideSizes[size] : size;
}

/** A deck without slides. */
export function emptyDeck(title: string): Deck {
  return {
    version: DECK_VERSION,
    title,
    size: '16:9',
    theme: NOTEBOOK,
    language: null,
    playing: readPlaying(null),
    walks: [],
    check: USUAL_CHECK,
    slides: {},
    items: {},
    sections: {},
  };
}

/** All slides in running order, those left out of the show included. */
export function slidesInOrder(deck: Pick<Deck, 'slides'>): readonly Slide[] {
  const known = orderedSlides.get(deck.slides);
  if (known) return known;
  const ordered = Object.values(deck.slides).sort(byRank);
  orderedSlides.set(deck.slides, ordered);
  return ordered;
}

/** Slides in order, worked out once for each state of a deck: decks are immutable, so it stays true. */
const orderedSlides = new WeakMap<Deck['slides'], readonly Slide[]>();
