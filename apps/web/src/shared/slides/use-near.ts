/** Whether something is near the screen: pictures of slides are drawn only then, as there may be hundreds. */
import { type RefObject, useEffect, useRef, useState } from 'react';

/** How far outside the screen something is near already, in CSS pixels. */
const AHEAD = '300px';

/** A reference for an element, and whether that is near the screen. */
export function useNear<E extends HTMLElement>(): readonly [RefObject<E | null>, boolean] {
  const element = useRef<E>(null);
  const [isNear, setIsNear] = useState(false);
  useEffect(() => {
    // Only the browser knows what is near the screen.
    const observer = new IntersectionObserver(([entry]) => setIsNear(entry?.isIntersecting ?? false), {
      rootMargin: AHEAD,
    });
    if (element.current) observer.observe(element.current);
    return () => observer.disconnect();
  }, []);
  return [element, isNear];
}
