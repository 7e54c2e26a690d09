/** What can be dragged: one drag at a time, broken off when what it is about leaves the page. */
import { type PointerEvent as ReactPointerEvent, useEffect, useRef } from 'react';
import { beginPointerDrag, type DraggedBy, type Dragging } from './pointer-drag.js';
import { scrollAlong } from './scroll-along.js';

/**
 * What drags of something do; each is asked of the latest drawing, as the page goes on while somebody drags.
 * `T` is what is known of a drag from its beginning.
 */
interface DragHandlers<E extends Element, T> {
  /** As of `Dragging`. */
  readonly threshold?: number;
  /** Whether what is around it scrolls while it is held at an edge; what was scrolled counts as dragged. */
  readonly scrolls?: boolean;
  /** What this press takes hold of, or `null` when it begins no drag. */
  readonly begin: (press: ReactPointerEvent<E>) => T | null;
  readonly move: (at: PointerEvent, by: DraggedBy, begun: T) => void;
  readonly drop: (at: PointerEvent, by: DraggedBy, begun: T) => void;
  readonly press?: (at: PointerEvent, begun: T) => void;
  readonly breakOff?: (by: Parameters<NonNullable<Dragging['breakOff']>>[0], begun: T) => void;
}

/** The listener to presses that begins drags, by the main button, a pen or a finger. */
export function usePointerDrag<E extends Element, T>(
  handlers: DragHandlers<E, T>,
): (press: ReactPointerEvent<E>) => void {
  const latest = useRef(handlers);
  const breakOff = useRef<(() => void) | null>(null);
  useEffect(() => {
    latest.current = handlers;
  });
  useEffect(() => () => breakOff.current?.(), []);
  return (press) => {
    if (press.button !== 0 || breakOff.current) return;
    const begun = handlers.begin(press);
    if (begun === null) return;
    const { clientX, clientY } = press;
    const along = handlers.scrolls
      ? scrollAlong(press.currentTarget, (at) => {
          latest.current.move(at, withScrolled({ x: at.clientX - clientX, y: at.clientY - clientY }), begun);
        })
      : null;
    function withScrolled(by: DraggedBy): DraggedBy {
      const scrolled = along?.by();
      return scrolled ? { x: by.x + scrolled.x, y: by.y + scrolled.y } : by;
    }
    const over = () => {
      breakOff.current = null;
      along?.end();
    };
    breakOff.current = beginPointerDrag(press, {
      threshold: handlers.threshold ?? 0,
      move: (at, by) => {
        along?.at(at);
        latest.current.move(at, withScrolled(by), begun);
      },
      drop: (at, by) => {
        over();
        latest.current.drop(at, withScrolled(by), begun);
      },
      press: (at) => {
        over();
        latest.current.press?.(at, begun);
      },
      breakOff: (by) => {
        over();
        latest.current.breakOff?.(by, begun);
      },
    });
  };
}
