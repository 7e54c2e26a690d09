/** What sheets of every kind are laid out with: their measures, headings, pages in a room. Lengths are points. */
import type { Box } from '../geometry/index.js';
import type { DrawnPage } from './drawn-page.js';
import type { PageLayer, WordsLayer } from './sheet.js';

/** Between the edge of a sheet and what lies on it, and between slides on it, in points. */
export const MARGIN = 36;
export const GAP = 16;
export const CAPTION = 14;
/** Letters of captions, headings and notes, in points. */
export const SMALL = 8;
export const LARGE = 13;
export const NOTES = 11;

/** Words as they mostly are. */
export const plain = { bold: false, role: 'P', align: 'left', flows: false } as const;

/** The heading of a sheet. */
export function headingLayer(text: string, x: number, y: number, width: number): WordsLayer {
  const place = { x, y, width, height: LARGE + 6, size: LARGE };
  return { kind: 'words', ...plain, text, ...place, bold: true, role: 'H1' };
}

/** A page as large as a room lets it be, in the middle across and at the top of it. */
export function fittedIn(page: DrawnPage, room: Box): { readonly layer: PageLayer; readonly bottom: number } {
  const scale = Math.min(room.width / page.width, room.height / page.height);
  const x = room.x + (room.width - page.width * scale) / 2;
  return {
    layer: { kind: 'page', page, at: [scale, 0, 0, scale, x, room.y], framed: true },
    bottom: room.y + page.height * scale,
  };
}

/** Things in lots of so many, the last one with what is left. */
export function inLots<T>(all: readonly T[], size: number): readonly (readonly T[])[] {
  return Array.from({ length: Math.ceil(all.length / size) }, (_, at) => all.slice(at * size, (at + 1) * size));
}
