/** A deck: an immutable, JSON-safe value with maps of slides and items by id. */
import { readFrame } from './frame-reading.js';
import { isId, type ItemId, type SectionId, type SlideId } from './identifiers.js';
import type { Item } from './item.js';
import { type ItemBase, LAST_APPEARANCE, type PieceManner, type Role, roles } from './item-base.js';
import { contentsOf, isItemKind, itemKinds, withoutKey } from './item-kinds/index.js';
import { byRank } from './rank.js';
import { type Fields, readBoolean, readFields, readNumber, readOneOf, readString, readStrings } from './reading.js';
import { type KeptWalk, readWalks } from './kept-walk.js';
import { type Playing, readPlaying } from './playing.js';
import { readDestination } from './destination.js';
import type { StoredContent } from './item-kinds/kind.js';
import { readSection, type Section } from './section.js';
import { readSlide, type Slide } from './slide.js';
import { linkedWordsIn } from './texts.js';
import { isSameTheme, NOTEBOOK, readTheme, type Theme } from './theme.js';

/** The version of the deck's shape; a reader of an older one upgrades it. */
export const DECK_VERSION = 1;

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
  /** How it is played where its slides do not say otherwise. */
  readonly playing: Playing;
  /** Walks that its authors kept, the oldest first. */
  readonly walks: readonly KeptWalk[];
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
    playing: readPlaying(null),
    walks: [],
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

/** A slide's items from back to front: the backdrop first. */
export function itemsOf(deck: Deck, slideId: SlideId): readonly Item[] {
  return sorted(deck.items).bySlide.get(slideId) ?? [];
}

/** What is asked of a deck's items again and again. */
interface Sorted {
  readonly bySlide: ReadonlyMap<SlideId, readonly Item[]>;
  /** Those in the backdrops of layouts. */
  readonly onLayouts: readonly Item[];
}

/** Items sorted, worked out once for each state of a deck, for the same reason. */
const sortedItems = new WeakMap<Deck['items'], Sorted>();

function sorted(items: Deck['items']): Sorted {
  const known = sortedItems.get(items);
  if (known) return known;
  const bySlide = new Map<SlideId, Item[]>();
  const onLayouts: Item[] = [];
  for (const id in items) {
    const item = items[id];
    if (!item) continue;
    const others = bySlide.get(item.slideId);
    if (others) others.push(item);
    else bySlide.set(item.slideId, [item]);
    if (item.onLayout) onLayouts.push(item);
  }
  for (const list of bySlide.values()) {
    list.sort((a, b) => (a.layer === b.layer ? byRank(a, b) : a.layer === 'backdrop' ? -1 : 1));
  }
  const made: Sorted = { bySlide, onLayouts: onLayouts.sort(byRank) };
  sortedItems.set(items, made);
  return made;
}

/**
 * Carries the order of items over to a state in which only the items named have changed, where none of them has
 * another place in it: typing then costs the same in a large deck as in a small one. What it is told must be true.
 */
export function keepOrder(before: Deck['items'], after: Deck['items'], changed: ReadonlySet<ItemId>): void {
  const known = sortedItems.get(before);
  if (!known) return;
  const bySlide = new Map(known.bySlide);
  for (const id of changed) {
    const [was, is] = [before[id], after[id]];
    if (!was || !is || was.onLayout || is.onLayout) return;
    if (was.slideId !== is.slideId || was.rank !== is.rank || was.layer !== is.layer) return;
    const list = bySlide.get(is.slideId) ?? [];
    bySlide.set(
      is.slideId,
      list.map((item) => (item.id === id ? is : item)),
    );
  }
  sortedItems.set(after, { bySlide, onLayouts: known.onLayouts });
}

/** What is drawn on a slide, from back to front: what is in its layout's backdrop by other slides, then its own items. */
export function shownItemsOf(deck: Deck, slideId: SlideId): readonly Item[] {
  const layout = deck.slides[slideId]?.layout;
  const shared = sorted(deck.items).onLayouts.filter(
    (item) => item.slideId !== slideId && deck.slides[item.slideId]?.layout === layout,
  );
  return shared.length === 0 ? itemsOf(deck, slideId) : [...shared, ...itemsOf(deck, slideId)];
}

/** The deck as a student's device may have it: no answer keys, no speaker notes, no walks of its authors. */
export function withoutKeysAndNotes(deck: Deck): Deck {
  return {
    ...deck,
    walks: [],
    slides: mapValues(deck.slides, (slide) => ({ ...slide, notes: '' })),
    items: mapValues(deck.items, withoutKey),
  };
}

/** Everything of items that is stored beside their deck: what they show, and files their links lead to; each once. */
export function contentsOfItems(items: readonly Item[]): readonly string[] {
  return [...new Set([...items.flatMap((item) => storedAs('picture', item)), ...items.flatMap(filesOf)])];
}

/** What an item shows that is stored in one of both ways, by the SHA-256 of its bytes. */
function storedAs(as: StoredContent['as'], item: Item): readonly string[] {
  return contentsOf(item).flatMap((content) => (content.as === as ? [content.id] : []));
}

/** The files that an item shows or that its links lead to, by the SHA-256 of their bytes. */
function filesOf(item: Item): readonly string[] {
  const destinations = [item.link, ...linkedWordsIn(item).map(({ destination }) => destination)];
  const led = destinations.flatMap((destination) => (destination?.to === 'file' ? [destination.file] : []));
  return [...storedAs('file', item), ...led];
}

/** The pictures a deck shows, by the SHA-256 of their bytes, each once. */
export function picturesIn(deck: Deck): readonly string[] {
  const grounds = Object.values(deck.slides).flatMap(({ groundPicture }) => groundPicture?.picture ?? []);
  return [...new Set([...Object.values(deck.items).flatMap((item) => storedAs('picture', item)), ...grounds])];
}

/** The files that a deck shows or its links lead to, by the SHA-256 of their bytes, each once. */
export function filesIn(deck: Deck): readonly string[] {
  return [...new Set(Object.values(deck.items).flatMap(filesOf))];
}

/** Everything of a deck that is stored beside it: pictures and files, by the SHA-256 of their bytes. */
export function contentsIn(deck: Deck): readonly string[] {
  return [...picturesIn(deck), ...filesIn(deck)];
}

/** The deck without the items that are put out of sight. */
export function withoutHidden(deck: Deck): Deck {
  const seen = Object.entries(deck.items).filter(([, item]) => !item.hidden);
  return { ...deck, items: Object.fromEntries(seen) };
}

/** The part of a deck that holds one slide. */
export function onlySlide(deck: Deck, slideId: SlideId): Deck {
  return { ...drawingOf(deck, slideId), title: deck.title };
}

/**
 * The part of a deck that draws one slide: the very same value for as long as the slide is the same, however the
 * rest of the deck changes, so that a view knows at a glance whether to draw it again.
 */
export function drawingOf(deck: Deck, slideId: SlideId): Deck {
  const slide = deck.slides[slideId];
  const items = shownItemsOf(deck, slideId);
  const known = slide && drawings.get(slide);
  if (
    known &&
    isSameSize(known.deck, deck) &&
    isSameList(known.items, items) &&
    isSameTheme(known.deck.theme, deck.theme)
  )
    return known.deck;
  const drawing: Deck = {
    ...deck,
    title: '',
    sections: NO_SECTIONS,
    slides: slide ? { [slideId]: slide } : {},
    // What is here by the layout stands on this slide in its drawing.
    items: Object.fromEntries(items.map((item) => [item.id, item.slideId === slideId ? item : { ...item, slideId }])),
  };
  if (slide) drawings.set(slide, { deck: drawing, items });
  return drawing;
}

const NO_SECTIONS: Deck['sections'] = {};

/** The last drawing of each slide. */
const drawings = new WeakMap<Slide, { readonly deck: Deck; readonly items: readonly Item[] }>();

function isSameSize(a: Deck, b: Deck): boolean {
  return a.size === b.size || (sizeOf(a).width === sizeOf(b).width && sizeOf(a).height === sizeOf(b).height);
}

function isSameList<T>(a: readonly T[], b: readonly T[]): boolean {
  return a === b || (a.length === b.length && a.every((value, index) => value === b[index]));
}

/** A deck read from untrusted JSON. What cannot be read is left out and named in `problems`. */
export function readDeck(value: unknown): { readonly deck: Deck; readonly problems: readonly string[] } {
  const fields = readFields(value);
  const problems: string[] = [];
  if (!fields || fields['version'] !== DECK_VERSION) problems.push('This is not a deck of a version known here.');
  const slides: Record<SlideId, Slide> = {};
  for (const [id, entry] of Object.entries(readFields(fields?.['slides']) ?? {})) {
    const slide = readFields(entry);
    if (slide && isId(id)) slides[id] = readSlide(id, slide);
    else problems.push(`Slide ${id} cannot be read.`);
  }
  const items: Record<ItemId, Item> = {};
  for (const [id, entry] of Object.entries(readFields(fields?.['items']) ?? {})) {
    const item = isId(id) ? readItem(id, readFields(entry)) : null;
    if (item && slides[item.slideId]) items[id] = item;
    else problems.push(`Item ${id} cannot be read.`);
  }
  const sections: Record<SectionId, Section> = {};
  for (const [id, entry] of Object.entries(readFields(fields?.['sections']) ?? {})) {
    const section = readFields(entry);
    if (section && isId(id)) sections[id] = readSection(id, section);
    else problems.push(`Section ${id} cannot be read.`);
  }
  return { deck: { ...readDeckFields(fields ?? {}), slides, items, sections }, problems };
}

/** The deck's own fields, apart from its slides, items and sections, from untrusted JSON. */
export function readDeckFields(fields: Fields): DeckFields {
  return {
    version: DECK_VERSION,
    title: readString(fields['title'], '', 200),
    size: readSize(fields['size']),
    theme: readTheme(fields['theme']),
    playing: readPlaying(fields['playing']),
    walks: readWalks(fields['walks']),
  };
}

function readSize(value: unknown): Deck['size'] {
  const own = readFields(value);
  if (!own) return readOneOf(value, Object.keys(slideSizes) as SlideSizeName[], '16:9');
  const side = (name: 'width' | 'height', usual: number) =>
    Math.round(readNumber(own[name], usual, OWN_SIZE.least, OWN_SIZE.most));
  return { width: side('width', slideSizes['16:9'].width), height: side('height', slideSizes['16:9'].height) };
}

/** An item read from untrusted JSON, or `null` when its kind or slide is not known. */
export function readItem(id: ItemId, fields: Fields | null): Item | null {
  const kind = fields?.['kind'];
  if (!fields || !isItemKind(kind) || !isId(fields['slideId'])) return null;
  const layer = readOneOf(fields['layer'], ['slide', 'backdrop'], 'slide');
  const base: ItemBase = {
    id,
    slideId: fields['slideId'],
    rank: readString(fields['rank'], '', 200),
    name: readString(fields['name'], '', 120),
    frame: readFrame(fields['frame'], itemKinds[kind].size),
    layer,
    onLayout: layer === 'backdrop' && readBoolean(fields['onLayout'], false),
    loose: layer === 'slide' && readBoolean(fields['loose'], false),
    piece: readPieceManner(fields['piece']),
    link: readDestination(fields['link']),
    groups: readStrings(fields['groups'], 40, DEEPEST_GROUP).filter(isId),
    locked: readBoolean(fields['locked'], false),
    hidden: readBoolean(fields['hidden'], false),
    appears: Math.round(readNumber(fields['appears'], 0, 0, LAST_APPEARANCE)),
    role: readOneOf<Role | null>(fields['role'], [...roles, null], null),
  };
  return { ...base, kind, ...itemKinds[kind].read(fields) } as Item;
}

/** The most copies a pile can be told to give out. */
const MOST_COPIES = 50;

function readPieceManner(value: unknown): PieceManner {
  const fields = readFields(value);
  const within = fields?.['within'];
  return {
    pile: fields?.['pile'] === null ? null : Math.round(readNumber(fields?.['pile'], 0, 0, MOST_COPIES)),
    turns: readBoolean(fields?.['turns'], false),
    within: isId(within) ? within : null,
  };
}

function mapValues<T>(record: Readonly<Record<string, T>>, change: (value: T) => T): Record<string, T> {
  return Object.fromEntries(Object.entries(record).map(([key, value]) => [key, change(value)]));
}
