/** What somebody types, once they have paused: so that not every letter is asked about. */
import { useEffect, useState } from 'react';

/** How long a pause is, in ms. */
const PAUSE = 250;

/** A value as it was when it had stayed the same for a moment. */
export function useSettled(value: string): string {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    // A pause is a matter of time, which only a clock tells.
    const timer = setTimeout(() => setSettled(value), PAUSE);
    return () => clearTimeout(timer);
  }, [value]);
  return settled;
}
