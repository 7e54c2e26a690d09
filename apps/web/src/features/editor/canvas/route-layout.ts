/**
 * Where the slide and the cards of its routes lie in the middle of the editor; all lengths in CSS pixels. Cards stand
 * beside the slide, or above and below it under what carries their links: whichever leaves the larger slide.
 */
import type { Box, Point } from '@gobrel/core/geometry';

/** How large cards are: tall ones beside the slide, flat ones above and below it. */
export const CARD = {
  beside: { width: 130, height: 104, picture: 96 },
  arriving: { width: 170, least: 116, height: 36, touched: 46, picture: 50 },
  leaving: { width: 226, least: 130, height: 58, touched: 58, picture: 84 },
} as const;

/** Room that cards take beside the slide. */
const BESIDE = { left: 116, right: 150, step: 108, margin: 20 } as const;
/** What stands beside cards in their rows, and how far they are from the slide, from each other and from the edge. */
const ROWS = { margin: 12, gap: 14, apart: 8, rim: 3, heading: 78, tools: { width: 266, height: 60 } } as const;
/** From a tall card's top to the middle of its picture. */
const PICTURE_MIDDLE = 27;

/** A side of the slide on which cards stand. */
export type Side = 'arriving' | 'leaving';

interface Size {
  readonly width: number;
  readonly height: number;
}

/** How an area is laid out. */
export interface RouteLayout {
  /** Whether cards stand in rows above and below the slide. */
  readonly inRows: boolean;
  readonly slide: Box;
  /** How many cards fit on a side. */
  readonly fits: Readonly<Record<Side, number>>;
  /**
   * The boxes of a side's cards. In rows each stands as near as it can to where it is wanted.
   * @param wanted the middle of what each card is tied to, along the row; `null` for what is tied to nothing
   */
  readonly cards: (side: Side, wanted: readonly (number | null)[]) => readonly Box[];
  /** Where what is said over a side stands. */
  readonly heading: (side: Side, count: number) => Point;
  /** Where a line meets a card, coming from or going to a point along the row. */
  readonly port: (side: Side, card: Box, along: number) => Point;
}

/**
 * The layout of an area around a slide of the given proportions: the one with the larger slide.
 * @param touched whether cards are pressed with a finger, and are higher
 */
export function layOutRoutes(area: Size, slideSize: Size, touched = false): RouteLayout {
  const [beside, rows] = [besideLayout(area, slideSize), rowLayout(area, slideSize, touched)];
  return rows.slide.width > beside.slide.width ? rows : beside;
}

function besideLayout(area: Size, slideSize: Size): RouteLayout {
  const room = area.width - BESIDE.left - BESIDE.right - BESIDE.margin;
  const slide = fit(
    { x: BESIDE.left + BESIDE.margin / 2, y: BESIDE.margin, width: room, height: area.height - 2 * BESIDE.margin },
    slideSize,
  );
  const most = Math.max(1, Math.floor((area.height - 24) / BESIDE.step));
  const left = (side: Side) => (side === 'arriving' ? 8 : area.width - CARD.beside.picture - 12);
  const top = (count: number, index: number) => (area.height - count * BESIDE.step) / 2 + index * BESIDE.step;
  return {
    inRows: false,
    slide,
    fits: { arriving: most, leaving: most },
    cards: (side, wanted) =>
      wanted.map((_, index) => ({
        x: left(side),
        y: top(wanted.length, index),
        width: side === 'arriving' ? CARD.beside.picture + 4 : CARD.beside.width,
        height: CARD.beside.height,
      })),
    heading: (side, count) => ({ x: left(side), y: top(count, 0) - 20 }),
    port: (side, card) => ({
      x: side === 'arriving' ? card.x + CARD.beside.picture + 4 : card.x - 8,
      y: card.y + PICTURE_MIDDLE,
    }),
  };
}

function rowLayout(area: Size, slideSize: Size, touched: boolean): RouteLayout {
  const height = (side: Side) => (touched ? CARD[side].touched : CARD[side].height);
  const row = (side: Side) => ROWS.rim + height(side) + ROWS.gap;
  const slide = fit(
    {
      x: ROWS.margin,
      y: row('arriving'),
      width: area.width - 2 * ROWS.margin,
      height: area.height - row('arriving') - row('leaving'),
    },
    slideSize,
  );
  const isBesideTools = slide.y - row('arriving') < ROWS.tools.height;
  const room = {
    arriving: {
      from: ROWS.margin + ROWS.heading,
      to: area.width - ROWS.margin - (isBesideTools ? ROWS.tools.width : 0),
    },
    leaving: { from: ROWS.margin + ROWS.heading, to: area.width - ROWS.margin },
  };
  const most = (side: Side) => {
    const { from, to } = room[side];
    return Math.max(1, Math.floor((to - from + ROWS.apart) / (CARD[side].least + ROWS.apart)));
  };
  const top = (side: Side) =>
    side === 'arriving' ? slide.y - ROWS.gap - height(side) : slide.y + slide.height + ROWS.gap;
  return {
    inRows: true,
    slide,
    fits: { arriving: most('arriving'), leaving: most('leaving') },
    cards: (side, wanted) => {
      const { from, to } = room[side];
      const each = Math.max(60, Math.min(CARD[side].width, (to - from + ROWS.apart) / wanted.length - ROWS.apart));
      const lefts = alongRow(
        wanted.map((at) => at ?? (side === 'arriving' ? from : to)),
        each,
        { from, to },
      );
      return lefts.map((x) => ({ x, y: top(side), width: each, height: height(side) }));
    },
    heading: (side) => ({ x: ROWS.margin, y: top(side) + (side === 'arriving' ? 10 : 4) }),
    port: (side, card, along) => ({
      x: within(along, card.x + 12, card.x + card.width - 12),
      y: side === 'arriving' ? card.y + card.height + 1 : card.y - 2,
    }),
  };
}

/**
 * Where boxes of one width stand in a row: in the order of the middles that are wanted, as near to them as the others
 * and the ends of the row allow.
 */
function alongRow(
  wanted: readonly number[],
  width: number,
  { from, to }: { readonly from: number; readonly to: number },
): readonly number[] {
  const step = width + ROWS.apart;
  const order = wanted.map((_, index) => index).sort((a, b) => (wanted[a] ?? 0) - (wanted[b] ?? 0));
  const lefts = new Array<number>(wanted.length).fill(from);
  let least = from;
  for (const index of order) {
    lefts[index] = Math.max(least, (wanted[index] ?? 0) - width / 2);
    least = (lefts[index] ?? 0) + step;
  }
  let most = to - width;
  for (const index of order.reverse()) {
    lefts[index] = Math.min(most, lefts[index] ?? 0);
    most = (lefts[index] ?? 0) - step;
  }
  return lefts;
}

function within(value: number, least: number, most: number): number {
  return Math.min(Math.max(value, least), most);
}

/** The largest box of the given proportions in the middle of a room. */
function fit(room: Box, size: Size): Box {
  const width = Math.max(160, Math.min(room.width, (room.height * size.width) / size.height));
  const height = (width * size.height) / size.width;
  return { x: room.x + (room.width - width) / 2, y: room.y + (room.height - height) / 2, width, height };
}
