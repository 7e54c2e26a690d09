/** Full screen for an element, and whether it is on. */
import { type RefObject, useCallback, useEffect, useState } from 'react';

export function useFullScreen(element: RefObject<HTMLElement | null>): [boolean, () => void] {
  const [isFull, setIsFull] = useState(false);
  useEffect(() => {
    // Full screen can be left by the browser's own key.
    const look = () => setIsFull(document.fullscreenElement !== null);
    document.addEventListener('fullscreenchange', look);
    return () => document.removeEventListener('fullscreenchange', look);
  }, []);
  const toggle = useCallback(() => {
    if (document.fullscreenElement) void document.exitFullscreen();
    else void element.current?.requestFullscreen();
  }, [element]);
  return [isFull, toggle];
}
