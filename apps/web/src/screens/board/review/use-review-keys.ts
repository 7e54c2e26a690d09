/** The keys of reviewing: on and back, points, a comment, returning. They work where nothing is typed. */
import { useEffect } from 'react';

interface ReviewKeys {
  readonly onGo: (by: number) => void;
  readonly onPoints: (points: number) => void;
  readonly onComment: () => void;
  readonly onReturn: () => void;
}

export function useReviewKeys(keys: ReviewKeys): void {
  useEffect(() => {
    // Keys work wherever the focus is, but for fields and dialogs.
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      if (
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        target.closest('input, textarea, select, audio, [role=dialog]')
      )
        return;
      if (act(event.key, keys)) event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}

function act(key: string, { onGo, onPoints, onComment, onReturn }: ReviewKeys): boolean {
  if (/^\d$/.test(key)) onPoints(Number(key));
  else if (key === 'j') onGo(1);
  else if (key === 'k') onGo(-1);
  else if (key === 'c') onComment();
  else if (key === 'r') onReturn();
  else return false;
  return true;
}
