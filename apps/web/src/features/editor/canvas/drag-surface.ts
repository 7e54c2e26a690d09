/** What every drag on the slide in the middle knows: where it is, and what was pressed. */
import type { Deck, Item, SlideId } from '@gobrel/core/deck';
import type { Point } from '@gobrel/core/geometry';
import type { Editing } from '../state/editing';

/** Where it is dragged. */
export interface Surface {
  readonly editing: Editing;
  readonly slideId: SlideId;
  /** CSS pixels a slide unit. */
  readonly scale: number;
}

/** A press on the slide, before it is known whether it becomes a drag. */
export interface Press extends Surface {
  /** The deck as it was pressed. */
  readonly deck: Deck;
  /** Holds all that is drawn. */
  readonly canvas: HTMLElement;
  readonly pressed: Item | null;
  /** In slide units. */
  readonly from: Point;
  /** Where a pointer is on the slide, in slide units. */
  readonly pointAt: (at: { readonly clientX: number; readonly clientY: number }) => Point;
}
