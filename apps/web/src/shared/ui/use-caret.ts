/** Where the caret stands in a field whose words are set by the program. */
import { type RefObject, useLayoutEffect, useState } from 'react';

interface Place {
  /** Letters before the first that is marked, and before the end of what is marked. */
  readonly from: number;
  readonly to: number;
}

/**
 * Gives what puts the caret of a field somewhere, together with the words that are set at the same moment. It is there
 * before the next key is read: letters that follow fast do not go where the caret was before.
 */
export function useCaret(field: RefObject<HTMLTextAreaElement | HTMLInputElement | null>): (place: Place) => void {
  const [wanted, setWanted] = useState<Place | null>(null);
  useLayoutEffect(() => {
    if (!wanted || !field.current) return;
    field.current.focus();
    field.current.setSelectionRange(wanted.from, wanted.to);
  }, [field, wanted]);
  return ({ from, to }) => setWanted({ from, to });
}
