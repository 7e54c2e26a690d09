/** The keys of a show, the same in every window of it; a clicker presses some of them too. */
import { useLayoutEffect } from 'react';
import { isWithin } from '../../../shared/ui';
import { type ShowActs, showKey } from './show-key';
import type { Show } from './use-show';

export function useShowKeys(show: Show, others: ShowActs): void {
  // With the picture that is seen: a key pressed on it must not act on what was there before, as after a step elsewhere.
  useLayoutEffect(() => {
    // Keys work wherever the focus is, but for fields, dialogs, and what uses them itself.
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (isWithin(event.target, 'input, textarea, select, [role=dialog]')) return;
      const presses = isWithin(event.target, 'button, a, [role="link"], audio');
      // Whoever presses something wants to lead: it no longer goes on by itself.
      if (show.shared.goesOn && event.key !== 'a') show.setGoesOn(false);
      if (showKey(event.key, presses, show, others)) event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}
