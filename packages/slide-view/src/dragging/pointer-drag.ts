/**
 * Dragging with mouse, pen or finger: from the press until it is let go, or broken off. A drag keeps its moves and the
 * keys to itself, so that each move costs what the drag costs: a weak device has no time for more.
 */
import { pressOnlyOnce } from './press-focus.js';

/** How far the pointer has gone since the press, in CSS pixels of the window. */
export interface DraggedBy {
  readonly x: number;
  readonly y: number;
}

/** What a drag does. */
export interface Dragging {
  /** A shorter way than this is a press, in CSS pixels; 0, the usual, when there is nothing that could be pressed. */
  readonly threshold?: number;
  /** The pointer has moved, and gone further than a press. */
  readonly move: (at: PointerEvent, by: DraggedBy) => void;
  /** The pointer was let go after that. */
  readonly drop: (at: PointerEvent, by: DraggedBy) => void;
  /** It was let go before that. */
  readonly press?: (at: PointerEvent) => void;
  /**
   * It was broken off: everything is to be as it was. By Escape and by whoever ends it from elsewhere, or by the
   * browser, which took the pointer for something else.
   */
  readonly breakOff?: (by: 'person' | 'browser') => void;
}

/** Keys that say how something is dragged; they are read from the pointer's own events. */
const MODIFIERS: readonly string[] = ['Shift', 'Alt', 'Control', 'Meta'];

/** What a drag listens to on the window, before anybody else does. */
const EVENTS = ['pointermove', 'pointerup', 'pointercancel', 'pointerdown', 'keydown'] as const;

/** Those that are under way. */
const present = new Set<PointerDrag>();

/** A drag under way. Its methods are the same for every drag, so that browsers have them ready when the next begins. */
class PointerDrag {
  private isDragged = false;

  constructor(
    private readonly from: { readonly pointerId: number; readonly clientX: number; readonly clientY: number },
    private readonly dragging: Dragging,
  ) {
    for (const name of EVENTS) window.addEventListener(name, this, { capture: true });
    present.add(this);
  }

  handleEvent(event: PointerEvent | KeyboardEvent): void {
    if (!('pointerId' in event)) return this.takeKey(event);
    if (event.pointerId !== this.from.pointerId) return;
    switch (event.type) {
      case 'pointermove':
        return this.follow(event);
      case 'pointerup':
        return this.letGo(event);
      case 'pointercancel':
        return this.breakOff('browser');
      default:
        // It was let go outside the window, where nobody heard of it.
        return this.breakOff('person');
    }
  }

  breakOff(by: 'person' | 'browser'): void {
    if (this.end()) this.dragging.breakOff?.(by);
  }

  private follow(at: PointerEvent): void {
    // A finger may become two, which whoever zooms must hear of.
    if (at.pointerType !== 'touch') at.stopPropagation();
    const by = this.way(at);
    if (!this.isDragged) {
      if (Math.hypot(by.x, by.y) < (this.dragging.threshold ?? 0)) return;
      this.isDragged = true;
    }
    this.dragging.move(at, by);
  }

  private letGo(at: PointerEvent): void {
    this.end();
    const by = this.way(at);
    if (this.isDragged) this.dragging.drop(at, by);
    else this.dragging.press?.(at);
  }

  /** Escape breaks it off, and no other key does anything to what is on its way. */
  private takeKey(event: KeyboardEvent): void {
    if (MODIFIERS.includes(event.key)) return;
    event.preventDefault();
    event.stopPropagation();
    if (event.key === 'Escape') this.breakOff('person');
  }

  private way({ clientX, clientY }: PointerEvent): DraggedBy {
    return { x: clientX - this.from.clientX, y: clientY - this.from.clientY };
  }

  /** Listens no more; whether it still did. */
  private end(): boolean {
    for (const name of EVENTS) window.removeEventListener(name, this, { capture: true });
    return present.delete(this);
  }
}

/** A press, as browsers and React tell of it. */
type Press = Pick<PointerEvent, 'button' | 'pointerId' | 'pointerType' | 'clientX' | 'clientY' | 'preventDefault'> & {
  readonly target: EventTarget | null;
  readonly currentTarget: EventTarget | null;
};

/**
 * Begins a drag with a press.
 * @param element captures the pointer; the one that listened to the press where none is given
 * @returns what breaks it off, and does nothing once it is over
 */
export function beginPointerDrag(press: Press, dragging: Dragging, element = press.currentTarget): () => void {
  if (press.button === 0) pressOnlyOnce(press);
  else press.preventDefault();
  if (element instanceof Element) element.setPointerCapture(press.pointerId);
  const { pointerId, clientX, clientY } = press;
  const drag = new PointerDrag({ pointerId, clientX, clientY }, dragging);
  return () => drag.breakOff('person');
}

/** Breaks off whatever is being dragged, as if it had not begun. */
export function breakOffDrags(): void {
  for (const drag of [...present]) drag.breakOff('person');
}
