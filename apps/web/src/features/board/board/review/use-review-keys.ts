/** The keys of reviewing: on and back, points, a comment, returning. They act only where nothing can be typed into. */
import { useLayoutEffect } from 'react';
import { isWithin } from '../../../../shared/ui';

interface ReviewKeys {
  readonly onGo: (by: number) => void;
  readonly onPoints: (points: number) => void;
  readonly onComment: () => void;
  readonly onReturn: () => void;
}

/** Whatever takes letters, or has keys of its own. */
const TAKES_KEYS =
  'input, textarea, select, audio, video, [contenteditable], [role=textbox], [role=dialog], [role=menu], [role=listbox]';

/** A comment that is being written: its letters are never commands, wherever the focus has gone. */
export const DRAFT = 'data-draft';

export function useReviewKeys(keys: ReviewKeys): void {
  // With the picture that is seen: a key pressed on it must not act on the answer that was there before.
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey || event.isComposing) return;
      if (isWithin(event.target, TAKES_KEYS) || document.querySelector(`[${DRAFT}]`)) return;
      if (act(event, keys)) event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}

function act({ key, repeat }: KeyboardEvent, { onGo, onPoints, onComment, onReturn }: ReviewKeys): boolean {
  if (key === 'j') onGo(1);
  else if (key === 'k') onGo(-1);
  else if (repeat) return false;
  else if (/^\d$/.test(key)) onPoints(Number(key));
  else if (key === 'c') onComment();
  else if (key === 'r') onReturn();
  else return false;
  return true;
}
