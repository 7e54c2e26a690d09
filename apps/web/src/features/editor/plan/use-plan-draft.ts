/** A plan that is being typed: kept on this device until the slides follow it or it is let go. */
import { useState } from 'react';

/** The draft of a deck's plan, `null` while the plan is what the slides say. */
export function usePlanDraft(deckId: string): [string | null, (draft: string | null) => void] {
  const key = `gobrel plan ${deckId}`;
  const [draft, setDraft] = useState(() => localStorage.getItem(key));
  const keep = (next: string | null) => {
    setDraft(next);
    if (next === null) localStorage.removeItem(key);
    else keepIfThereIsRoom(key, next);
  };
  return [draft, keep];
}

/** A very long plan may be more than the browser keeps; it is still on the screen then. */
function keepIfThereIsRoom(key: string, text: string): void {
  try {
    localStorage.setItem(key, text);
  } catch {
    localStorage.removeItem(key);
  }
}
