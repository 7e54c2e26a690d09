/** The size of an element on the screen, in CSS pixels, as it changes. */
import { type RefObject, useLayoutEffect, useRef, useState } from 'react';

export function useArea(): [RefObject<HTMLElement | null>, { width: number; height: number }] {
  const element = useRef<HTMLElement>(null);
  const [area, setArea] = useState({ width: 0, height: 0 });
  useLayoutEffect(() => {
    const measured = element.current;
    if (!measured) return;
    // Only the browser knows how much room there is.
    const observer = new ResizeObserver(() => setArea({ width: measured.clientWidth, height: measured.clientHeight }));
    observer.observe(measured);
    return () => observer.disconnect();
  }, []);
  return [element, area];
}
