/**
 * Moves what is drawn of dragged items without drawing it anew: their elements are shifted as they are, and the frame
 * around them stands aside. A slide with hundreds of items then costs no more a move than one with a single item.
 */
import type { ItemId } from '@gobrel/core/deck';
import type { Frame } from '@gobrel/core/geometry';

/** A drawing that is shifted; `turn` is how it is turned, as a transform after the shift. */
interface Drawing {
  readonly element: HTMLElement;
  readonly style: CSSStyleDeclaration;
  readonly turn: string;
}

/** The drawings of some items, shifted together. */
export class DrawnShift {
  private drawings: readonly Drawing[];
  private shift = '';

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
    this.shift = `translate(${dx}px,${dy}px)`;
    this.show();
  }

  /** Shows those where the others are that were drawn anew meanwhile, in new elements. To be asked now and then. */
  keepUp(): void {
    if (this.drawings.every(({ element }) => element.isConnected)) return;
    this.drawings = this.find();
    this.show();
  }

  /** Shows them where they were. */
  end(): void {
    delete this.canvas.dataset['moving'];
    this.shift = '';
    this.keepUp();
    this.show();
  }

  private show(): void {
    for (const { style, turn } of this.drawings) style.transform = this.shift + turn;
  }

  private find(): readonly Drawing[] {
    return Object.entries(this.frames).flatMap(([id, { rotation }]) => {
      const turn = rotation === 0 ? '' : ` rotate(${rotation}deg)`;
      const elements = this.canvas.querySelectorAll<HTMLElement>(`[data-item="${CSS.escape(id)}"]`);
      return [...elements].map((element) => ({ element, style: element.style, turn }));
    });
  }
}
