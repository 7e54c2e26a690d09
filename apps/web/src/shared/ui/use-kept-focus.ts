/** A button that is disabled by being pressed keeps the focus, so that whoever uses keys does not begin anew. */
import { type ComponentProps, type FocusEvent, type MouseEvent, useState } from 'react';

type ButtonProps = ComponentProps<'button'>;

/** The properties of a button: while it has the focus it is disabled in name and deed only, and wholly once that leaves. */
export function useKeptFocus({ disabled = false, onClick, onFocus, onBlur, ...rest }: ButtonProps): ButtonProps {
  const [hasFocus, setHasFocus] = useState(false);
  const isHeld = disabled && hasFocus;
  return {
    ...rest,
    disabled: disabled && !hasFocus,
    'aria-disabled': isHeld || undefined,
    onClick: (event: MouseEvent<HTMLButtonElement>) => {
      // Also what it would submit.
      if (isHeld) event.preventDefault();
      else onClick?.(event);
    },
    onFocus: (event: FocusEvent<HTMLButtonElement>) => {
      setHasFocus(true);
      onFocus?.(event);
    },
    onBlur: (event: FocusEvent<HTMLButtonElement>) => {
      setHasFocus(false);
      onBlur?.(event);
    },
  };
}
