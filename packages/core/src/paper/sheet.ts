/** A sheet of paper with what lies on it. Lengths of sheets are points of 1/72 inch; those of pages on them stay slide units. */
import type { DrawnPage, Matrix } from './drawn-page.js';

/** A drawn page on a sheet. */
export interface PageLayer {
  readonly kind: 'page';
  readonly page: DrawnPage;
  /** From slide units to points. */
  readonly at: Matrix;
  /** Whether a hairline runs around it. */
  readonly framed: boolean;
}

/** Words in a box, set in the font of the application. */
export interface WordsLayer {
  readonly kind: 'words';
  readonly text: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly size: number;
  readonly bold: boolean;
  readonly role: 'H1' | 'P';
  readonly align: 'left' | 'right' | 'center';
  /** What has no room goes on on a sheet of its own; else it is cut with an ellipsis. */
  readonly flows: boolean;
}

/** Anything on a sheet. */
export type Layer = PageLayer | WordsLayer;

/** A sheet. */
export interface Sheet {
  readonly width: number;
  readonly height: number;
  /** The slides that links lead to this sheet for. */
  readonly slideIds: readonly string[];
  /** What a table of contents says of it: headings of sections that begin here, then the sheet itself; depth from 0. */
  readonly bookmarks: readonly { readonly title: string; readonly depth: number }[];
  /** From back to front. */
  readonly layers: readonly Layer[];
}

/** Points in a slide unit: a slide of 1280 is as wide as a wide screen's page, 13.3 inches. */
export const POINTS = 0.75;

/** A4 in points. */
export const A4 = { width: 595.28, height: 841.89 } as const;
