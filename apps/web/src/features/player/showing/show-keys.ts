/** The keys of a show, the same in every window of it; a clicker presses some of them too. */
import { useEffect } from 'react';
import type { Show } from './use-show';
import { isWithin } from '../../../shared/ui';

interface Others {
  readonly onFull: () => void;
  readonly onFind: () => void;
  readonly onHelp: () => void;
  readonly onLeave: () => void;
}

export function useShowKeys(show: Show, others: Others): void {
  useEffect(() => {
    // Keys work wherever the focus is, but for fields, dialogs, and what uses them itself.
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (isWithin(event.target, 'input, textarea, select, [role=dialog]')) return;
      const presses = isWithin(event.target, 'button, a, [role="link"], audio');
      // Whoever presses something wants to lead: it no longer goes on by itself.
      if (show.shared.goesOn && event.key !== 'a') show.setGoesOn(false);
      if (act(event.key, presses, show, others)) event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}

/** Does what a key says; whether it said anything. */
function act(key: string, presses: boolean, show: Show, { onFull, onFind, onHelp, onLeave }: Others): boolean {
  const { walk, shared, set, hand, setHand, setGoesOn } = show;
  switch (key) {
    case 'ArrowRight':
    case 'PageDown':
      walk.step({ type: 'next' });
      return true;
    case ' ':
      if (presses) return false;
      walk.step({ type: 'next' });
      return true;
    case 'ArrowLeft':
    case 'PageUp':
    case 'Backspace':
      walk.step({ type: 'back' });
      return true;
    case 'Home':
      walk.step({ type: 'restart' });
      return true;
    case 'b':
    case '.':
      set({ black: !shared.black });
      return true;
    case 'o':
      set({ whole: !shared.whole });
      return true;
    case 'p':
      setHand(hand === 'pen' ? 'press' : 'pen');
      return true;
    case 'x':
      setHand(hand === 'pointer' ? 'press' : 'pointer');
      return true;
    case 'c':
      set({ strokes: [] });
      return true;
    case 'a':
      setGoesOn(!shared.goesOn);
      return true;
    case 'f':
      onFull();
      return true;
    case 'g':
      onFind();
      return true;
    case '?':
      onHelp();
      return true;
    case 'Escape':
      if (document.fullscreenElement) return false;
      if (hand === 'press') onLeave();
      else setHand('press');
      return true;
    default:
      return false;
  }
}
