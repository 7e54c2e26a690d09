/** Where the slide and the cards of its routes lie in the middle of the editor; all lengths in CSS pixels. */
import type { Box, Point } from '@gobrel/core/geometry';

/** Width of a card's picture and of its column. */
export const CARD = { picture: 96, width: 130 } as const;

/** Room that cards take: beside the slide where there is width, above and below it on an upright tablet. */
const BESIDE = { left: 116, right: 150, step: 108, margin: 20 } as const;
const STACKED = { below: 620, row: 136, step: 120, margin: 12, gap: 30 } as const;
/** From a card's top to the middle of its picture. */
const PICTURE_MIDDLE = 27;

/** A side of the slide on which cards stand. */
export type Side = 'arriving' | 'leaving';

interface Size {
  readonly width: number;
  readonly height: number;
}

/** How an area is laid out. */
export interface RouteLayout {
  readonly stacked: boolean;
  readonly slide: Box;
  /** How many cards fit on a side. */
  readonly fits: number;
  /** The top left corner of a card, of `count` on its side. */
  readonly card: (side: Side, index: number, count: number) => Point;
  /** Where a line meets a card. */
  readonly port: (side: Side, index: number, count: number) => Point;
}

/** The layout of an area around a slide of the given proportions. */
export function layOutRoutes(area: Size, slideSize: Size): RouteLayout {
  return area.width < STACKED.below ? stackedLayout(area, slideSize) : besideLayout(area, slideSize);
}

function besideLayout(area: Size, slideSize: Size): RouteLayout {
  const room = area.width - BESIDE.left - BESIDE.right - BESIDE.margin;
  const slide = fit(
    { x: BESIDE.left + BESIDE.margin / 2, y: BESIDE.margin, width: room, height: area.height - 2 * BESIDE.margin },
    slideSize,
  );
  const card = (side: Side, index: number, count: number): Point => ({
    x: side === 'arriving' ? 8 : area.width - CARD.width - 12,
    y: (area.height - count * BESIDE.step) / 2 + index * BESIDE.step,
  });
  const port = (side: Side, index: number, count: number): Point => {
    const { x, y } = card(side, index, count);
    return { x: side === 'arriving' ? x + CARD.picture + 4 : x - 8, y: y + PICTURE_MIDDLE };
  };
  return { stacked: false, slide, fits: Math.max(1, Math.floor((area.height - 24) / BESIDE.step)), card, port };
}

function stackedLayout(area: Size, slideSize: Size): RouteLayout {
  const room = {
    x: STACKED.margin,
    y: STACKED.row,
    width: area.width - 2 * STACKED.margin,
    height: area.height - 2 * STACKED.row,
  };
  const slide = fit(room, slideSize);
  const card = (side: Side, index: number, count: number): Point => ({
    x: (area.width - count * STACKED.step) / 2 + index * STACKED.step + (STACKED.step - CARD.picture) / 2,
    y: side === 'arriving' ? slide.y - STACKED.row + 20 : slide.y + slide.height + STACKED.gap,
  });
  const port = (side: Side, index: number, count: number): Point => {
    const { x, y } = card(side, index, count);
    return { x: x + CARD.picture / 2, y: side === 'arriving' ? y + STACKED.row - STACKED.gap - 14 : y - 4 };
  };
  return { stacked: true, slide, fits: Math.max(1, Math.floor(area.width / STACKED.step)), card, port };
}

/** The largest box of the given proportions in the middle of a room. */
function fit(room: Box, size: Size): Box {
  const width = Math.max(160, Math.min(room.width, (room.height * size.width) / size.height));
  const height = (width * size.height) / size.width;
  return { x: room.x + (room.width - width) / 2, y: room.y + (room.height - height) / 2, width, height };
}
