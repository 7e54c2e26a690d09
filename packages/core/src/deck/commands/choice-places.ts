/** Where choices stand on a slide: apart from each other and from everything else, in the order in which they are read. */
import { boundsOf, type Box, boxesMeet, type Frame } from '../../geometry/index.js';
import { type Deck, sizeOf } from '../model/deck.js';
import { itemsOf } from '../model/items-in-order.js';
import type { Item } from '../model/item.js';
import type { ItemId, SlideId } from '../model/identifiers.js';

/** Sizes of a choice that is placed by itself, the best first, in slide units. */
const SIZES = [
  { width: 300, height: 76 },
  { width: 300, height: 56 },
  { width: 220, height: 48 },
  { width: 220, height: 36 },
  { width: 150, height: 30 },
] as const;

/** Distance from others, from the edge, and between the places that are tried, in slide units. */
const APART = 12;
const EDGE = 16;
const STEP = 10;

/** Where another choice is to stand, and what makes room for it. */
interface ChoicePlace {
  readonly frame: Frame;
  /** Frames of items that make room, by their ids; none where there is room. */
  readonly moved: Readonly<Record<ItemId, Frame>>;
}

/**
 * A place for another choice where nothing lies that is not in the backdrop: beside or behind the choices that are
 * there, at the bottom first; smaller where there is little room. Where there is none, all choices of the slide and its
 * text are laid out anew.
 */
export function placeForChoice(deck: Deck, slideId: SlideId): ChoicePlace {
  const items = itemsOf(deck, slideId).filter((item) => item.layer === 'slide' && !item.hidden);
  const boxes = items.map((item) => boundsOf(item.frame));
  const choices = items.filter(isChoice).sort((a, b) => inReadingOrder(a.frame, b.frame));
  const frame = firstFree(deck, boxes, choices.at(-1) ?? null);
  return frame ? { frame, moved: {} } : laidOutAnew(deck, items, choices);
}

function laidOutAnew(deck: Deck, items: readonly Item[], choices: readonly Item[]): ChoicePlace {
  const { textHeight, frames } = choiceBlock(sizeOf(deck), choices.length + 1);
  const body = items.find(({ role }) => role === 'body');
  const moved = Object.fromEntries(choices.map(({ id, frame }, at) => [id, frames[at] ?? frame]));
  const frame = frames[choices.length] ?? { x: EDGE, y: EDGE, ...SIZES[0], rotation: 0 };
  return { frame, moved: body ? { ...moved, [body.id]: { ...body.frame, height: textHeight } } : moved };
}

function isChoice({ kind, link }: Item): boolean {
  return kind === 'shape' && link !== null;
}

function firstFree(deck: Deck, taken: readonly Box[], lastChoice: Item | null): Frame | null {
  const isFree = (place: Box) => !taken.some((box) => boxesMeet(box, widened(place)));
  if (lastChoice) {
    // In a row with the last one, and like it; else behind it, though smaller.
    const last = boundsOf(lastChoice.frame);
    const beside = { ...last, x: last.x + last.width + APART + 1 };
    if (beside.x + beside.width <= sizeOf(deck).width - EDGE && isFree(beside)) return { ...beside, rotation: 0 };
    for (const place of placesIn(deck))
      if (inReadingOrder(last, place) < 0 && isFree(place)) return { ...place, rotation: 0 };
  }
  for (const place of placesIn(deck)) if (isFree(place)) return { ...place, rotation: 0 };
  return null;
}

/** Every place that is tried: the largest first, from the bottom, and from the left, as the choices of a layout stand. */
function* placesIn(deck: Deck): Generator<Box> {
  const { width, height } = sizeOf(deck);
  for (const size of SIZES)
    for (let y = height - EDGE - size.height; y >= EDGE; y -= STEP)
      for (let x = EDGE; x <= width - EDGE - size.width; x += STEP) yield { x, y, ...size };
}

function widened({ x, y, width, height }: Box): Box {
  return { x: x - APART, y: y - APART, width: width + 2 * APART, height: height + 2 * APART };
}

function inReadingOrder(a: Box, b: Box): number {
  return a.y - b.y || a.x - b.x;
}

/** Shares of a slide's height: where its text begins, the least it keeps, where choices end, the most one is high. */
const BLOCK = { textFrom: 0.25, leastText: 0.1, until: 0.92, highest: 0.14, side: 0.06 } as const;

/** How a slide is parted between its text and all its choices. */
export interface ChoiceBlock {
  /** What is left for the text, in slide units. */
  readonly textHeight: number;
  readonly frames: readonly Frame[];
}

/** Places for any number of choices in rows, from left to right and from top to bottom, below the slide's text. */
export function choiceBlock(size: { readonly width: number; readonly height: number }, count: number): ChoiceBlock {
  const columns = count <= 4 ? 2 : Math.max(3, Math.min(6, Math.ceil(count / 6)));
  const rows = Math.ceil(count / columns);
  const gap = rows > 6 ? APART / 3 : APART;
  const from = BLOCK.textFrom * size.height;
  const room = (BLOCK.until - BLOCK.textFrom - BLOCK.leastText) * size.height;
  const height = Math.min(BLOCK.highest * size.height, (room - (rows - 1) * gap) / rows);
  const top = BLOCK.until * size.height - rows * height - (rows - 1) * gap;
  const across = (1 - 2 * BLOCK.side) * size.width;
  const width = (across - (columns - 1) * gap) / columns;
  return {
    textHeight: top - gap - from,
    frames: Array.from({ length: count }, (_none, at) => ({
      x: BLOCK.side * size.width + (at % columns) * (width + gap),
      y: top + Math.floor(at / columns) * (height + gap),
      width,
      height,
      rotation: 0,
    })),
  };
}
