/** Collects what a presentation file is made of, as a deck: slides, items, bytes of pictures, and what was not understood. */
import { sha256 } from '@noble/hashes/sha2';
import { bytesToHex } from '@noble/hashes/utils';
import {
  applyChanges,
  type Change,
  cutText,
  type Deck,
  type Fields,
  type Item,
  leadLines,
  lettersOf,
  newId,
  ranksBetween,
  readItem,
  readSection,
  readSlide,
  type Slide,
  type SlideId,
} from '../../deck/index.js';
import type { NotCarried, UnreadPart } from '../loss.js';

/** Bytes that a deck names, by their SHA-256. */
export interface FoundContent {
  readonly id: string;
  readonly kind: 'picture' | 'file';
  readonly bytes: Uint8Array;
}

/** A deck that came out of a presentation file. */
export interface ReadPresentation {
  readonly deck: Deck;
  readonly contents: readonly FoundContent[];
  readonly left: readonly NotCarried[];
}

/** Why a presentation file is not read. */
export type PresentationFault = 'no-presentation' | 'broken' | 'too-large' | 'locked' | 'no-slides';

/** The most slides that are read from one file. */
export const MOST_SLIDES = 500;
/** The most items that are read from one slide. */
export const MOST_ITEMS = 1000;
/** The largest file that is read, in bytes; what is in it, unpacked, in bytes; and its most parts. */
export const PRESENTATION_BOUNDS = { packed: 300_000_000, unpacked: 600_000_000, files: 20_000 };
/** Up to where a part of XML is read. */
export const PART_BOUNDS = { letters: 20_000_000, depth: 100 };

/** A slide that is being collected. */
export class FoundSlide {
  readonly lost = new Set<UnreadPart>();
  private readonly found: Item[] = [];

  constructor(
    readonly id: SlideId,
    private readonly createId: () => string,
  ) {}

  /** Adds an item in front of the others; gives its id, or `null` where it is none. */
  add(fields: Fields): string | null {
    if (this.found.length >= MOST_ITEMS) {
      this.lost.add('other');
      return null;
    }
    const item = readItem(this.createId(), { ...fields, slideId: this.id });
    if (item) this.found.push(item);
    return item?.id ?? null;
  }

  /** The items from back to front, each layer in ranks of its own. */
  items(): readonly Item[] {
    return (['backdrop', 'slide'] as const).flatMap((layer) => {
      const own = this.found.filter((item) => item.layer === layer);
      const ranks = ranksBetween(null, null, own.length);
      return own.map((item, at) => ({ ...item, rank: ranks[at] ?? item.rank }));
    });
  }
}

/** What a slide is but for its items. */
export interface FoundSlideFields {
  readonly slide: FoundSlide;
  /** The heading of a section that begins with it; `null` for none. */
  readonly section: string | null;
  readonly fields: Omit<Partial<Slide>, 'id' | 'rank'>;
}

/** Collects contents, each once. */
export class FoundContents {
  private readonly found = new Map<string, FoundContent>();

  /** The id of some bytes. */
  keep(bytes: Uint8Array, kind: FoundContent['kind']): string {
    const id = bytesToHex(sha256(bytes));
    this.found.set(id, { id, kind, bytes });
    return id;
  }

  all(): readonly FoundContent[] {
    return [...this.found.values()];
  }
}

/** The deck of what was found. Lines are led to what they are tied to. */
export function deckOfFound(
  empty: Deck,
  slides: readonly FoundSlideFields[],
  createId: () => string = newId,
): { readonly deck: Deck; readonly left: readonly NotCarried[] } {
  const headings = slides.filter(({ section }) => section !== null).length;
  const ranks = [...ranksBetween(null, null, slides.length + headings)];
  const left: NotCarried[] = [];
  const changes = slides.flatMap(({ slide, section, fields }, at): Change[] => {
    const name = cutText(fields.name ?? '', 120);
    if (slide.lost.size > 0)
      left.push({ name, row: at + 1, why: { code: 'slide-read-without', parts: [...slide.lost] } });
    const heading: Change[] =
      section === null
        ? []
        : [{ type: 'put-section', section: readSection(createId(), { title: section, rank: ranks.shift() }) }];
    return [
      ...heading,
      { type: 'put-slide', slide: readSlide(slide.id, { ...fields, name, rank: ranks.shift() ?? '' }) },
      ...slide.items().map((item): Change => ({ type: 'put-item', item })),
    ];
  });
  const deck = applyChanges(empty, changes);
  return { deck: applyChanges(deck, leadLines(empty, changes)), left };
}

/** The name of a slide; where it has none, or only a number as programs give it, the words of its title, or what it says first. */
export function slideNameFrom(written: string, items: readonly Item[]): string {
  const isNone = written.trim() === '' || /^(page|slide)\s?\d+$/i.test(written);
  return isNone ? nameFrom(items) || written : written;
}

function nameFrom(items: readonly Item[]): string {
  const words = (item: Item) =>
    item.kind === 'text' || item.kind === 'shape' ? lettersOf(item.text).replaceAll(/\s+/g, ' ').trim() : '';
  const title = items.find(({ role }) => role === 'title');
  const said = [...(title ? [title] : []), ...items].map(words).find((text) => text !== '');
  return cutText(said ?? '', 80);
}
