/** What is gathered while a drawing is read: marks, cuts, parts and links of a page. */
import {
  type DrawnMark,
  type DrawnPage,
  type Matrix,
  type PageLink,
  type PagePart,
  place,
  type Stroke,
} from '@gobrel/core/paper';
import type { PageFonts } from './page-fonts';

/** Where in the drawing something stands that is being read. */
export interface Around {
  /** From the page as it is laid out, without any turning, to the page as it is seen. */
  readonly matrix: Matrix;
  readonly seen: number;
  readonly cuts: readonly number[];
  /** What is seen through as one, with it. */
  readonly group: number | null;
  readonly part: number | null;
  readonly itemId: string | null;
  /** Whether it stands in a link among words. */
  readonly isLinked: boolean;
}

/** The marks of a page while they are gathered. */
export class PageBuilder {
  readonly marks: DrawnMark[] = [];
  readonly cuts: { readonly d: string; readonly matrix: Matrix }[] = [];
  readonly groups: number[] = [];
  readonly parts: PagePart[] = [];
  readonly links: PageLink[] = [];

  constructor(
    private readonly slideId: string,
    private readonly width: number,
    private readonly height: number,
    readonly fonts: PageFonts,
    /** How an element was turned before the drawing was laid flat. */
    readonly turned: ReadonlyMap<Element, Matrix>,
    /** Where the page lies in the window. */
    readonly origin: { readonly x: number; readonly y: number },
    /** Width by height of pictures on grounds, by their addresses. */
    readonly ratios: ReadonlyMap<string, number>,
  ) {}

  page(): DrawnPage {
    const { slideId, width, height, marks, cuts, groups, parts, links } = this;
    return { slideId, width, height, marks, cuts, groups, parts, links };
  }

  part(part: PagePart): number {
    this.parts.push(part);
    return this.parts.length - 1;
  }

  cut(d: string, matrix: Matrix): number {
    this.cuts.push({ d, matrix });
    return this.cuts.length - 1;
  }

  /** What stands in something that is seen through: as one, or within such a thing by itself. */
  through(around: Around, seen: number): Around {
    if (seen === 1) return around;
    if (around.group !== null) return { ...around, seen: around.seen * seen };
    this.groups.push(seen);
    return { ...around, group: this.groups.length - 1 };
  }

  /** An outline; nothing when nothing of it is seen. */
  path(
    around: Around,
    d: string,
    fill: (DrawnMark & { kind: 'path' })['fill'],
    stroke: Stroke | null = null,
    matrix: Matrix = around.matrix,
  ): void {
    const isFilled = fill !== null && ('stops' in fill || fill[3] > 0);
    const isDrawn = stroke !== null && stroke.width > 0 && stroke.colour[3] > 0;
    if ((!isFilled && !isDrawn) || around.seen === 0 || d === '') return;
    this.marks.push({
      kind: 'path',
      ...base(around),
      matrix,
      d,
      fill: isFilled ? fill : null,
      stroke: isDrawn ? stroke : null,
    });
  }

  picture(around: Around, picture: string, box: { x: number; y: number; width: number; height: number }): void {
    if (box.width <= 0 || box.height <= 0) return;
    this.marks.push({ kind: 'picture', ...base(around), picture, ...box });
  }

  /** A link over a box that lies as `around` says. */
  link(around: Around, box: { x: number; y: number; width: number; height: number }, to: PageLink['to']): void {
    const corners = [
      [box.x, box.y],
      [box.x + box.width, box.y],
      [box.x, box.y + box.height],
      [box.x + box.width, box.y + box.height],
    ].map(([x = 0, y = 0]) => place(around.matrix, x, y));
    const [xs, ys] = [corners.map(([x]) => x), corners.map(([, y]) => y)];
    const [x, y] = [Math.min(...xs), Math.min(...ys)];
    this.links.push({ x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y, to, part: around.part });
  }

  /** A box of the window as a box of the page. */
  within({ x, y, width, height }: { x: number; y: number; width: number; height: number }) {
    return { x: x - this.origin.x, y: y - this.origin.y, width, height };
  }
}

/** What every mark has from where it stands. */
export function base({ matrix, seen, cuts, group, part, itemId }: Around) {
  return { matrix, seen, cuts, group, part, itemId };
}
