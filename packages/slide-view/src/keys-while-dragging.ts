/** What keys do while something is dragged: Escape breaks it off, and nothing else happens to what is on its way. */

/** They say how something is dragged, and are read from the pointer's own events. */
const MANNERS: readonly string[] = ['Shift', 'Alt', 'Control', 'Meta'];

/** After a pointer was let go outside the window, it is heard of again when it presses. */
const ENDS = ['pointerup', 'pointercancel', 'pointerdown'] as const;

/**
 * Keeps the keys to a drag until its pointer is let go, or until what is given back is called.
 * @param pointerId of the pointer that drags
 * @param breakOff puts everything back where it was
 */
export function keysWhileDragging(pointerId: number, breakOff: () => void): () => void {
  const onKey = (event: KeyboardEvent) => {
    if (MANNERS.includes(event.key)) return;
    event.preventDefault();
    event.stopPropagation();
    if (event.key !== 'Escape') return;
    stop();
    breakOff();
  };
  // Also when whoever began the drag is on the page no more.
  const onEnd = (event: PointerEvent) => {
    if (event.pointerId === pointerId) stop();
  };
  const stop = () => {
    window.removeEventListener('keydown', onKey, { capture: true });
    for (const end of ENDS) window.removeEventListener(end, onEnd, { capture: true });
  };
  window.addEventListener('keydown', onKey, { capture: true });
  for (const end of ENDS) window.addEventListener(end, onEnd, { capture: true });
  return stop;
}
