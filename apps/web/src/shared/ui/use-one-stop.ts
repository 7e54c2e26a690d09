/** A column of buttons as one stop of the Tab key: arrows go from one to the next (WAI-ARIA's roving tabindex). */
import { type FocusEvent, type KeyboardEvent, useState } from 'react';

/** Where an arrow leads from a place among so many, round at the ends; `null` for other keys. */
export function placeAfterKey(key: string, at: number, count: number): number | null {
  switch (key) {
    case 'ArrowDown':
      return (at + 1) % count;
    case 'ArrowUp':
      return (at - 1 + count) % count;
    case 'Home':
      return 0;
    case 'End':
      return count - 1;
    default:
      return null;
  }
}

/** The stop that the Tab key comes to, by the names of the buttons, and what the column listens to. */
export function useOneStop(first: string, isTaken: () => boolean) {
  const [stop, setStop] = useState(first);
  return {
    /** What each button is given. */
    tabIndexOf: (name: string): 0 | -1 => (name === stop ? 0 : -1),
    onFocus: ({ target }: FocusEvent<HTMLElement>) => {
      const { stopName } = target.dataset;
      if (stopName !== undefined) setStop(stopName);
    },
    /** Arrows that somebody else waits for are left to them. */
    onKeyDown: (event: KeyboardEvent<HTMLElement>) => {
      const buttons = [...event.currentTarget.querySelectorAll<HTMLElement>('[data-stop-name]')];
      const at = buttons.findIndex((button) => button === document.activeElement);
      const to = at < 0 ? null : placeAfterKey(event.key, at, buttons.length);
      if (to === null || isTaken()) return;
      event.preventDefault();
      buttons[to]?.focus();
    },
  };
}
