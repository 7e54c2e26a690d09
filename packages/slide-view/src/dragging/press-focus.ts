/** The focus of what is pressed when a drag may begin. */
/** What takes the focus when it is pressed. */
const FOCUSABLE = '[tabindex], a[href], button, input, textarea, select';

let pressing = false;

/** Whether something has the focus just because it is pressed; with Shift held, browsers take that for a key's doing. */
export function isPressing(): boolean {
  return pressing;
}

/**
 * Spares the page the mouse events that follow a press and its moves, and gives the focus to what was pressed, as
 * browsers do with those.
 */
export function pressOnlyOnce(press: {
  readonly pointerType: string;
  readonly target: EventTarget | null;
  readonly preventDefault: () => void;
}): void {
  // After a finger they come only when it has not moved; what it takes the focus from may be the keyboard on the screen.
  if (press.pointerType === 'touch') return;
  press.preventDefault();
  const pressed = press.target instanceof Element ? press.target.closest<HTMLElement>(FOCUSABLE) : null;
  // Away first: what takes the focus from a field would show it, as if keys had led there.
  if (document.activeElement instanceof HTMLElement && document.activeElement !== pressed)
    document.activeElement.blur();
  pressing = true;
  pressed?.focus({ preventScroll: true });
  pressing = false;
}
