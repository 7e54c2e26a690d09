/** Keeps the caret where it is in the text around it, when somebody else writes in the same field. */
import { placeAfter, spliceBetween } from '@gobrel/core/shared-doc';
import { type SyntheticEvent, useLayoutEffect, useRef } from 'react';

type Field = HTMLInputElement | HTMLTextAreaElement;

/**
 * What a field needs whose text others change too.
 * @param value what it shows
 */
export function useSteadyCaret<F extends Field>(value: string) {
  const field = useRef<F>(null);
  /** The text that was last seen or typed here, and where the caret was in it. */
  const last = useRef({ value, start: 0, end: 0 });
  const note = ({ currentTarget }: SyntheticEvent<Field>) => {
    last.current = {
      value: currentTarget.value,
      start: currentTarget.selectionStart ?? 0,
      end: currentTarget.selectionEnd ?? 0,
    };
  };
  useLayoutEffect(() => {
    const { value: before, start, end } = last.current;
    if (before === value) return;
    const change = spliceBetween(before, value);
    last.current = { value, start: placeAfter(start, change), end: placeAfter(end, change) };
    // Whoever writes here has it in hand; elsewhere there is no caret to be kept.
    const { current } = field;
    if (current !== null && current.ownerDocument.activeElement === current)
      current.setSelectionRange(last.current.start, last.current.end);
  }, [value]);
  return { ref: field, onSelect: note, note };
}
