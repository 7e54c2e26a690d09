/** How much room an element has. */
import { type RefObject, useLayoutEffect, useRef, useState } from 'react';

/** Width and height in CSS pixels. */
export interface Room {
  readonly width: number;
  readonly height: number;
}

/** A ref for an element, and its inner size; 0 by 0 until it was measured. */
export function useRoom<E extends HTMLElement>(): [RefObject<E | null>, Room] {
  const element = useRef<E>(null);
  const [room, setRoom] = useState<Room>({ width: 0, height: 0 });
  useLayoutEffect(() => {
    const around = element.current;
    if (!around) return;
    // The element's size is only known to the browser, and changes with the window.
    const measure = () => setRoom({ width: around.clientWidth, height: around.clientHeight });
    const observer = new ResizeObserver(measure);
    observer.observe(around);
    measure();
    return () => observer.disconnect();
  }, []);
  return [element, room];
}
