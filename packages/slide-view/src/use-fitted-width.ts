/** How wide a slide may be drawn so that it fits into the element around it. */
import { type RefObject, useLayoutEffect, useRef, useState } from 'react';
import { slideSizes, type SlideSizeName } from '@gobrel/core/deck';

/**
 * A ref for the surrounding element, and the largest width in CSS pixels at which a slide fits inside it.
 * The width is 0 until the element was measured.
 */
export function useFittedWidth<E extends HTMLElement>(sizeName: SlideSizeName): [RefObject<E | null>, number] {
  const element = useRef<E>(null);
  const [width, setWidth] = useState(0);
  useLayoutEffect(() => {
    const around = element.current;
    if (!around) return;
    const size = slideSizes[sizeName];
    // The element's size is only known to the browser, and changes with the window.
    const measure = () => {
      setWidth(Math.floor(Math.min(around.clientWidth, (around.clientHeight * size.width) / size.height)));
    };
    const observer = new ResizeObserver(measure);
    observer.observe(around);
    measure();
    return () => observer.disconnect();
  }, [sizeName]);
  return [element, width];
}
