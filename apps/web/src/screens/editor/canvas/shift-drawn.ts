/**
 * Moves what is drawn of dragged items without drawing it anew: their elements are shifted as they are, and the frame
 * around them stands aside. A slide with hundreds of items then costs no more a move than one with a single item.
 */
import type { ItemId } from '@gobrel/core/deck';
import type { Frame } from '@gobrel/core/geometry';

/** The drawings of some items, shifted together. */
export class DrawnShift {
  private drawings: readonly { readonly element: HTMLElement; readonly turn: string }[];

  /**
   * @param canvas holds the drawings (`data-item`); it is said to be `data-moving` meanwhile
   * @param frames of the items, as they are drawn
   */
  constructor(
    private readonly canvas: HTMLElement,
    private readonly frames: Readonly<Record<ItemId, Frame>>,
  ) {
    this.drawings = this.find();
  }

  /** The frame around them stands aside. */
  begin(): void {
    this.canvas.dataset['moving'] = '';
  }

  /** Shows them so far from where they were, in slide units. */
  to(dx: number, dy: number): void {
    // As a transform, which browsers read faster than `translate`.
    this.show(`translate(${dx}px,${dy}px)`);
  }

  /** Shows them where they were. */
  end(): void {
    delete this.canvas.dataset['moving'];
    this.show('');
  }

  private show(shift: string): void {
    // What is drawn anew meanwhile may be drawn in a new element.
    for (const { element } of this.drawings) if (!element.isConnected) this.drawings = this.find();
    for (const { element, turn } of this.drawings) element.style.transform = shift + turn;
  }

  private find() {
    return Object.entries(this.frames).flatMap(([id, { rotation }]) => {
      const turn = rotation === 0 ? '' : ` rotate(${rotation}deg)`;
      const elements = this.canvas.querySelectorAll<HTMLElement>(`[data-item="${CSS.escape(id)}"]`);
      return [...elements].map((element) => ({ element, turn }));
    });
  }
}
