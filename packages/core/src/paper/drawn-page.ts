/**
 * A slide as it was drawn, as a list of marks: what files for paper and pictures are written from. Lengths are slide units,
 * across to the right and down; angles are those of the matrices.
 */

/** `[a, b, c, d, e, f]` leads a place to `[a·x + c·y + e, b·x + d·y + f]`, as in SVG and PDF. */
export type Matrix = readonly [a: number, b: number, c: number, d: number, e: number, f: number];

/** Red, green and blue from 0 to 255, and how much of it is seen, from 0 to 1. */
export type Colour = readonly [red: number, green: number, blue: number, seen: number];

/** A colour that runs into others along a line. */
export interface Gradient {
  readonly from: readonly [x: number, y: number];
  readonly to: readonly [x: number, y: number];
  readonly stops: readonly { readonly at: number; readonly colour: Colour }[];
}

/** A line along an outline. */
export interface Stroke {
  readonly colour: Colour;
  readonly width: number;
  /** Lengths of dashes and gaps; none for a solid line. */
  readonly dash: readonly number[];
  readonly cap: 'butt' | 'round' | 'square';
  readonly join: 'miter' | 'round' | 'bevel';
}

interface MarkBase {
  readonly matrix: Matrix;
  /** How much of it is seen, from 0 to 1. */
  readonly seen: number;
  /** The group it is seen through as one with others: its place in the page's list; `null` for none. */
  readonly group: number | null;
  /** What it is cut to: places in the page's list of cuts. */
  readonly cuts: readonly number[];
  /** The part of the page it belongs to; `null` for what only decorates. */
  readonly part: number | null;
  /** The item that it draws; `null` for the ground. */
  readonly itemId: string | null;
}

/** An outline, filled, drawn along, or both. */
export interface PathMark extends MarkBase {
  readonly kind: 'path';
  /** As SVG has it. */
  readonly d: string;
  readonly fill: Colour | Gradient | null;
  readonly stroke: Stroke | null;
}

/** A picture, spread over a rectangle. */
export interface PictureMark extends MarkBase {
  readonly kind: 'picture';
  /** Where it is, or its bytes as a data address. */
  readonly picture: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Letters of one font on one line. */
export interface RunMark extends MarkBase {
  readonly kind: 'run';
  readonly text: string;
  /** Where it begins on the left, and its baseline. */
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly size: number;
  readonly font: PageFont;
  readonly colour: Colour;
  /** Whether upright letters are slanted, as there are none that were drawn so. */
  readonly slanted: boolean;
}

/** A font in one weight. */
export interface PageFont {
  /** Where its file is. */
  readonly url: string;
  readonly family: string;
  /** 100 to 900. */
  readonly weight: number;
}

/** Anything that is drawn. */
export type DrawnMark = PathMark | PictureMark | RunMark;

/** What a part of a page is, by the names PDF has for it (ISO 32000-1, 14.8.4). */
export type PartRole = 'H1' | 'P' | 'L' | 'LI' | 'BlockQuote' | 'Figure' | 'Table' | 'TR' | 'TH' | 'TD' | 'Link';

/** A part of a page, for whoever has it read out. */
export interface PagePart {
  readonly role: PartRole;
  /** The part it lies in: its place in the list; `null` for none. */
  readonly within: number | null;
  /** What a figure shows; '' where its words say it. */
  readonly alt: string;
  /** The language it is in, as BCP 47; `null` for that of the page. */
  readonly language: string | null;
}

/** A place that can be pressed, as a rectangle. */
export interface PageLink {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** Another slide, or a web address. */
  readonly to: { readonly slideId: string } | { readonly address: string };
  readonly part: number | null;
}

/** A slide as it was drawn. */
export interface DrawnPage {
  readonly slideId: string;
  readonly width: number;
  readonly height: number;
  /** From back to front. */
  readonly marks: readonly DrawnMark[];
  /** What marks are cut to. */
  readonly cuts: readonly { readonly d: string; readonly matrix: Matrix }[];
  /** How much is seen, from 0 to 1, of marks that lie over one another and are seen through as one. */
  readonly groups: readonly number[];
  /** In the order they are read in. */
  readonly parts: readonly PagePart[];
  readonly links: readonly PageLink[];
}

/** The matrix that changes nothing. */
export const STILL: Matrix = [1, 0, 0, 1, 0, 0];

/** First `inner`, then `outer`. */
export function led(outer: Matrix, inner: Matrix): Matrix {
  const [a, b, c, d, e, f] = outer;
  const [g, h, i, j, k, l] = inner;
  return [a * g + c * h, b * g + d * h, a * i + c * j, b * i + d * j, a * k + c * l + e, b * k + d * l + f];
}

/** The matrix that takes back what another one does. @throws RangeError when that one leaves nothing to take back */
export function takenBack([a, b, c, d, e, f]: Matrix): Matrix {
  const whole = a * d - b * c;
  if (whole === 0) throw new RangeError('a matrix that flattens cannot be taken back');
  return [d / whole, -b / whole, -c / whole, a / whole, (c * f - d * e) / whole, (b * e - a * f) / whole];
}

/** Where a matrix leads a place. */
export function place([a, b, c, d, e, f]: Matrix, x: number, y: number): readonly [number, number] {
  return [a * x + c * y + e, b * x + d * y + f];
}

/** The fonts of some pages, each once. */
export function fontsOf(pages: readonly DrawnPage[]): readonly PageFont[] {
  const known = new Map<string, PageFont>();
  for (const { marks } of pages)
    for (const mark of marks) if (mark.kind === 'run') known.set(fontKey(mark.font), mark.font);
  return [...known.values()];
}

/** Names a font. */
export function fontKey({ url, weight }: PageFont): string {
  return `${url} ${weight}`;
}

/** The pictures of some pages, each with the largest size it is drawn in, in slide units. */
export function picturesOn(
  pages: readonly DrawnPage[],
): ReadonlyMap<string, { readonly width: number; readonly height: number }> {
  const sizes = new Map<string, { width: number; height: number }>();
  for (const { marks } of pages)
    for (const mark of marks) {
      if (mark.kind !== 'picture') continue;
      const { width = 0, height = 0 } = sizes.get(mark.picture) ?? {};
      const [a, b] = mark.matrix;
      const scale = Math.hypot(a, b);
      sizes.set(mark.picture, {
        width: Math.max(width, mark.width * scale),
        height: Math.max(height, mark.height * scale),
      });
    }
  return sizes;
}

/** Marks one after the other, those of a group together. */
export function inGroups(
  marks: readonly DrawnMark[],
): readonly { readonly group: number | null; readonly marks: readonly DrawnMark[] }[] {
  const runs: { group: number | null; marks: DrawnMark[] }[] = [];
  for (const mark of marks) {
    const last = runs.at(-1);
    if (last && last.group === mark.group) last.marks.push(mark);
    else runs.push({ group: mark.group, marks: [mark] });
  }
  return runs;
}
