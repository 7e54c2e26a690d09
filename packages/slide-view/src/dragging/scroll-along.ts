/** Scrolls what a dragged thing lies in while it is held at the edge of what is in sight. */
import type { DraggedBy } from './pointer-drag.js';

/** So near the edge it begins, and so fast it scrolls right at the edge, in CSS pixels and CSS pixels a frame. */
const NEAR = 48;
const FASTEST = 14;

/** Scrolling that goes along with one drag. */
export interface ScrollAlong {
  /** The pointer is here now. */
  readonly at: (pointer: PointerEvent) => void;
  /** How far it has scrolled since the press, in CSS pixels. */
  readonly by: () => DraggedBy;
  readonly end: () => void;
}

/**
 * How far to scroll in a frame, in CSS pixels: backward near the beginning of what is in sight, forward near its end,
 * faster the nearer it is.
 * @param place along what is in sight, from 0 to `size`, in CSS pixels
 */
export function scrollStep(place: number, size: number): number {
  const near = Math.min(NEAR, size / 4);
  const within = (distance: number) => (near <= 0 ? 0 : Math.min(1, Math.max(0, (near - distance) / near)));
  const pull = within(size - place) - within(place);
  // Halves are rounded away from 0, so that both ends are alike.
  return Math.sign(pull) * Math.round(FASTEST * Math.abs(pull));
}

/**
 * Begins to go along with a drag of an element; `null` where nothing around it scrolls.
 * @param onScroll called after each step with where the pointer is
 */
export function scrollAlong(element: Element, onScroll: (pointer: PointerEvent) => void): ScrollAlong | null {
  const found = scrollerOf(element);
  if (!found) return null;
  const scroller = found;
  const before = { x: scroller.scrollLeft, y: scroller.scrollTop };
  let pointer: PointerEvent | null = null;
  let frame = 0;
  function step() {
    frame = 0;
    if (!pointer) return;
    const { left, top, width, height } = scroller.getBoundingClientRect();
    const [x, y] = [scroller.scrollLeft, scroller.scrollTop];
    scroller.scrollBy(scrollStep(pointer.clientX - left, width), scrollStep(pointer.clientY - top, height));
    if (scroller.scrollLeft === x && scroller.scrollTop === y) return;
    onScroll(pointer);
    frame = requestAnimationFrame(step);
  }
  return {
    at: (now) => {
      pointer = now;
      if (frame === 0) frame = requestAnimationFrame(step);
    },
    by: () => ({ x: scroller.scrollLeft - before.x, y: scroller.scrollTop - before.y }),
    end: () => cancelAnimationFrame(frame),
  };
}

/** The nearest element around another one that can be scrolled. */
function scrollerOf(element: Element): Element | null {
  for (let around = element.parentElement; around; around = around.parentElement) {
    const { overflowX, overflowY } = getComputedStyle(around);
    const across = /auto|scroll/.test(overflowX) && around.scrollWidth > around.clientWidth;
    const down = /auto|scroll/.test(overflowY) && around.scrollHeight > around.clientHeight;
    if (across || down) return around;
  }
  return null;
}
