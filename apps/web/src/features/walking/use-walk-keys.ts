/** The keys of a show that somebody looks at by themselves; in a frame only while it has the focus. */
import { useLayoutEffect } from 'react';
import { isWithin } from '../../shared/ui';
import type { Walk } from './use-walk';

/** What each key does; whether it did anything. @param presses whether what has the focus is pressed by the space bar */
export function walkKey(key: string, presses: boolean, walk: Pick<Walk, 'step'>, onFull: () => void): boolean {
  switch (key) {
    case ' ':
      if (presses) return false;
      walk.step({ type: 'next' });
      return true;
    case 'ArrowRight':
    case 'PageDown':
      walk.step({ type: 'next' });
      return true;
    case 'ArrowLeft':
    case 'PageUp':
      walk.step({ type: 'back' });
      return true;
    case 'Home':
      walk.step({ type: 'restart' });
      return true;
    case 'f':
      onFull();
      return true;
    default:
      return false;
  }
}

/** @param onPress called with every key that does something: whoever presses one wants to lead */
export function useWalkKeys(walk: Pick<Walk, 'step'>, onPress: () => void, onFull: () => void): void {
  // With the picture that is seen: a key pressed on it must not act on what was there before.
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey) return;
      // Fields and pieces use the same keys.
      if (isWithin(event.target, 'input, textarea, select, [role=dialog], [role=radiogroup], [data-piece]')) return;
      const presses = isWithin(event.target, 'button, a, [role="link"], audio, video');
      if (!walkKey(event.key, presses, walk, onFull)) return;
      onPress();
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}
