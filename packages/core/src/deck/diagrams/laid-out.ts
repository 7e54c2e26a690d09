/** What a diagram is before it is items: boxes with words, what ties them, and where all of it stands. */
import type { Box, ConnectorStyle, Side } from '../../geometry/index.js';
import type { LineHead } from '../model/item.js';
import type { ShapeName } from '../appearance/shapes.js';
import type { TextAlign } from '../text/rich-text.js';

/** How a box looks: filled and loud, outlined, see-through as a set is, a point, or words alone. */
export type BoxRole = 'main' | 'plain' | 'set' | 'point' | 'words';

/** A box with words. */
export interface DiagramBox extends Box {
  readonly words: string;
  readonly role: BoxRole;
  readonly shape: ShapeName;
  readonly align: TextAlign;
}

/** A line from one box to another, by their places in the list. */
export interface DiagramTie {
  readonly from: number;
  readonly to: number;
  readonly fromSide: Side | null;
  readonly toSide: Side | null;
  readonly style: ConnectorStyle;
  readonly head: LineHead;
}

/** A diagram laid out in some room. */
export interface LaidOutDiagram {
  readonly boxes: readonly DiagramBox[];
  readonly ties: readonly DiagramTie[];
}

/** A box as most are. */
export function boxAt(
  { x, y, width, height }: Box,
  words: string,
  { role = 'plain', shape = 'rectangle', align = 'center' }: Partial<DiagramBox> = {},
): DiagramBox {
  return { x, y, width, height, words, role, shape, align };
}

/** A line with an arrow, straight, between whichever sides are nearest. */
export function tieOf(from: number, to: number, more: Partial<DiagramTie> = {}): DiagramTie {
  return { from, to, fromSide: null, toSide: null, style: 'straight', head: 'triangle', ...more };
}
