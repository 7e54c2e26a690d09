/** How much room an element has. */
import { type RefCallback, useCallback, useState } from 'react';

/** Width and height in CSS pixels. */
export interface Room {
  readonly width: number;
  readonly height: number;
}

/**
 * A ref for an element, and its inner size; 0 by 0 until it was measured. The element may come and go: whichever the ref
 * is on is measured.
 */
export function useRoom<E extends HTMLElement>(): [RefCallback<E>, Room] {
  const [room, setRoom] = useState<Room>({ width: 0, height: 0 });
  const around = useCallback((element: E) => {
    // The element's size is only known to the browser, and changes with the window.
    const measure = () => setRoom({ width: element.clientWidth, height: element.clientHeight });
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    measure();
    return () => observer.disconnect();
  }, []);
  return [around, room];
}
