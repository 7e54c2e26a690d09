/** The fields that all items share, and what several kinds have in common. */
import type { Frame } from '../../geometry/index.js';
import type { Destination } from '../links/destination.js';
import type { Language } from './language.js';
import type { FormulaDrawings } from '../formulas/formula-drawing.js';
import type { GroupId, ItemId, SlideId } from './identifiers.js';

/** `backdrop` items stay put for everybody; `slide` items are the author's to move. */
export type Layer = 'slide' | 'backdrop';

/** The fields every item has. */
export interface ItemBase {
  readonly id: ItemId;
  readonly slideId: SlideId;
  /** Stacking order within its layer: a fractional rank, higher in front. */
  readonly rank: string;
  /** The author's name for it, or '' to go by what it shows. */
  readonly name: string;
  readonly frame: Frame;
  readonly layer: Layer;
  /** Whether a backdrop item is in the backdrop of its slide's layout: behind every slide of that layout. */
  readonly onLayout: boolean;
  /** Whether students may move it: then it is a piece. Backdrop items are never loose. */
  readonly loose: boolean;
  /** How it behaves while it is loose. */
  readonly piece: PieceBehaviour;
  readonly link: Destination | null;
  /** The groups it is in, the outermost first; empty for an item by itself. */
  readonly groups: readonly GroupId[];
  /** Whether its author locked it where it is, until it is unlocked. */
  readonly locked: boolean;
  /** Whether it is put out of sight: neither shown nor given to students. */
  readonly hidden: boolean;
  /** The step of the show with which it appears on its slide; 0 when it is there from the start. */
  readonly appears: number;
  /** The part it plays in its slide's layout; `null` for what was placed freely. */
  readonly role: Role | null;
  /** The language its words are in; `null` when it is the deck's. */
  readonly language: Language | null;
  /** How the formulas in its words are drawn, by what was typed. */
  readonly formulas: FormulaDrawings;
}

/** How a loose piece behaves in students' hands. */
export interface PieceBehaviour {
  /** How many copies it gives out where it lies: 0 when it is moved itself, `null` for any number. */
  readonly pile: number | null;
  /** Whether students may turn it. */
  readonly turns: boolean;
  /** The item it stays within; `null` for the whole slide. */
  readonly within: ItemId | null;
}

/** The last step with which items can appear. */
export const LAST_APPEARANCE = 30;

/** The parts that items play in layouts. */
export const roles = [
  'title',
  'subtitle',
  'body',
  'second-body',
  'picture',
  'caption',
  'question',
  'answers',
  'choice-1',
  'choice-2',
  'choice-3',
] as const;

/** A part in a layout. */
export type Role = (typeof roles)[number];

/** Width and height of a stored picture in its own pixels; 0 when they are not known. */
export interface PixelSize {
  readonly width: number;
  readonly height: number;
}
