/** Pages of a document on slides: as slides of their own, as locked backdrops of worksheets, or as pictures on one slide. */
import type { Box } from '../../geometry/index.js';
import { type Destination, readDestination } from '../links/destination.js';
import { applyChanges, type Change } from '../model/change.js';
import { type Deck, sizeOf } from '../model/deck.js';
import { type ItemId, newId, type SlideId } from '../model/identifiers.js';
import type { PixelSize } from '../model/item-base.js';
import { addItem, setLayer, setLink } from './items.js';
import { addSlide } from './slides.js';

/** What pages of a document become. */
export const pageUses = ['slides', 'worksheets', 'pictures'] as const;

/** What pages of a document become. */
export type PageUse = (typeof pageUses)[number];

/** A page, drawn and stored. */
export interface DocumentPage {
  /** From 1. */
  readonly number: number;
  /** The SHA-256 of its picture. */
  readonly picture: string;
  readonly pixels: PixelSize;
  /** What it is called, such as “Page 3 of the tide table”. */
  readonly name: string;
  /** What is written on it, by lines. */
  readonly says: string;
  readonly links: readonly PageLink[];
}

/** A link on a page. */
export interface PageLink {
  /** Shares of the page's width and height, from 0 to 1. */
  readonly box: Box;
  readonly to: { readonly page: number } | { readonly address: string };
}

/** What was placed. */
export interface PlacedPages {
  readonly changes: readonly Change[];
  /** The slides that were made; none for pictures. */
  readonly slideIds: readonly SlideId[];
  readonly itemIds: readonly ItemId[];
  /** Links that lead to pages that were not taken along. */
  readonly linksLost: number;
}

/** The part of the slide that a picture of a page takes, and how far each lies over the one before, in slide units. */
const AS_PICTURE = { part: 0.6, step: 28 };
/** Smaller areas are no links that could be pressed, in slide units. */
const SMALLEST_LINK = 4;

/**
 * Changes that place pages, in their order, after a slide or on it. A link on a page leads where it led: to the slide of
 * another page that was taken along, or to the web; on pictures none is placed, as they stand among other things.
 */
export function addPages(deck: Deck, slideId: SlideId, pages: readonly DocumentPage[], use: PageUse): PlacedPages {
  if (use === 'pictures') return addAsPictures(deck, slideId, pages);
  const changes: Change[] = [];
  const slideIds: SlideId[] = [];
  const itemIds: ItemId[] = [];
  let present = deck;
  let linksLost = 0;
  const add = (more: readonly Change[]) => {
    changes.push(...more);
    present = applyChanges(present, more);
  };
  const slideOf = new Map(pages.map(({ number }) => [number, newId()] as const));
  let after = slideId;
  for (const page of pages) {
    const id = slideOf.get(page.number) ?? newId();
    add(addSlide(present, { id, name: page.name.slice(0, 120), after }));
    after = id;
    slideIds.push(id);
    const frame = { ...fitted(present, page.pixels, 1), rotation: 0 };
    const pictureId = newId();
    add(addItem(present, { id: pictureId, slideId: id, kind: 'picture', frame, fields: pictureFields(page) }));
    itemIds.push(pictureId);
    if (use === 'worksheets') {
      add(setLayer(present, [pictureId], 'backdrop'));
      add(addItem(present, { id: newId(), slideId: id, kind: 'open-area', frame }));
    }
  }
  for (const page of pages) {
    const id = slideOf.get(page.number);
    const frame = fitted(present, page.pixels, 1);
    for (const { box, to } of page.links) {
      const goal = destinationOf(to, slideOf);
      if (!goal) linksLost += 1;
      const place = {
        x: frame.x + box.x * frame.width,
        y: frame.y + box.y * frame.height,
        width: box.width * frame.width,
        height: box.height * frame.height,
      };
      if (!goal || id === undefined || place.width < SMALLEST_LINK || place.height < SMALLEST_LINK) continue;
      const spot = newId();
      const fields = { shape: 'sharp-rectangle' } as const;
      add(addItem(present, { id: spot, slideId: id, kind: 'hotspot', frame: { ...place, rotation: 0 }, fields }));
      add(setLink(present, spot, goal));
    }
  }
  return { changes, slideIds, itemIds, linksLost };
}

function destinationOf(to: PageLink['to'], slideOf: ReadonlyMap<number, SlideId>): Destination | null {
  if ('address' in to) return readDestination({ to: 'web', address: to.address });
  const slideId = slideOf.get(to.page);
  return slideId === undefined ? null : readDestination({ to: 'slide', slideId });
}

function addAsPictures(deck: Deck, slideId: SlideId, pages: readonly DocumentPage[]): PlacedPages {
  const changes: Change[] = [];
  const itemIds: ItemId[] = [];
  let present = deck;
  pages.forEach((page, at) => {
    const box = fitted(deck, page.pixels, AS_PICTURE.part);
    const shift = (at % 8) * AS_PICTURE.step;
    const id = newId();
    const frame = { ...box, x: box.x + shift, y: box.y + shift / 2, rotation: 0 };
    const more = addItem(present, { id, slideId, kind: 'picture', frame, fields: pictureFields(page) });
    changes.push(...more);
    present = applyChanges(present, more);
    itemIds.push(id);
  });
  return { changes, slideIds: [], itemIds, linksLost: 0 };
}

function pictureFields({ picture, pixels, name, says }: DocumentPage) {
  return { picture, pixels, alt: name.slice(0, 500), says };
}

/** A page in the middle of a slide, as large as a part of it allows. */
function fitted(deck: Deck, { width, height }: PixelSize, part: number): Box {
  const slide = sizeOf(deck);
  const scale = Math.min((slide.width * part) / (width || 1), (slide.height * part) / (height || 1));
  const size = { width: width * scale, height: height * scale };
  return { x: (slide.width - size.width) / 2, y: (slide.height - size.height) / 2, ...size };
}

/**
 * The pages that somebody wrote, such as `1-3, 8`; `null` where it cannot be read. In the order of the document, each once.
 * @param count how many there are
 */
export function readPageRange(typed: string, count: number): readonly number[] | null {
  const parts = typed.split(/[,;]/).map((part) => part.trim());
  const chosen = new Set<number>();
  for (const part of parts) {
    if (part === '') continue;
    const [, from = '', to = from] = /^(\d+)\s*(?:[-–]\s*(\d+))?$/.exec(part) ?? [];
    const [first, last] = [Number(from), Number(to || from)];
    if (from === '' || first < 1 || last < first || last > count) return null;
    for (let page = first; page <= last; page += 1) chosen.add(page);
  }
  return [...chosen].sort((a, b) => a - b);
}

/** Pages as somebody would write them: the other way round. */
export function pageRange(pages: readonly number[]): string {
  const runs: [number, number][] = [];
  for (const page of pages) {
    const last = runs.at(-1);
    if (last?.[1] === page - 1) last[1] = page;
    else runs.push([page, page]);
  }
  return runs.map(([from, to]) => (from === to ? String(from) : `${from}-${to}`)).join(', ');
}
