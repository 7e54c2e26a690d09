/**
 * Moves what is drawn of dragged items without drawing it anew: the elements of the items, and the frame around them,
 * are shifted as they are. A slide with hundreds of items then costs no more a move than one with a single item.
 */
import type { ItemId } from '@gobrel/core/deck';

/** The drawings of some items, to be shifted together. */
export interface Shift {
  /** Shows them so far from where they were, in slide units. */
  readonly to: (dx: number, dy: number) => void;
  /** Shows them where they were. */
  readonly end: () => void;
}

/**
 * @param canvas holds the drawings (`data-item`) and the frame of what is selected (`data-selection`)
 * @param scale CSS pixels a slide unit; items are drawn in slide units, the frame in CSS pixels
 */
export function shiftDrawn(canvas: Element, ids: readonly ItemId[], scale: number): Shift {
  const items = new Elements(() =>
    ids.flatMap((id) => [...canvas.querySelectorAll<HTMLElement>(`[data-item="${CSS.escape(id)}"]`)]),
  );
  const frames = new Elements(() => [...canvas.querySelectorAll<HTMLElement>('[data-selection]')]);
  const shift = (x: number, y: number) => {
    for (const element of items.present()) element.style.translate = `${x}px ${y}px`;
    for (const element of frames.present()) element.style.translate = `${x * scale}px ${y * scale}px`;
  };
  return {
    to: shift,
    end: () => {
      for (const element of [...items.known, ...frames.known]) element.style.translate = '';
    },
  };
}

/** Elements that are looked up once, and again when they are not there yet or have been drawn in a new element. */
class Elements {
  known: readonly HTMLElement[] = [];

  constructor(private readonly find: () => readonly HTMLElement[]) {}

  present(): readonly HTMLElement[] {
    if (this.known.length === 0 || this.known.some((element) => !element.isConnected)) this.known = this.find();
    return this.known;
  }
}
