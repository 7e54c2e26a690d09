/** A function that keeps its identity and always does what the latest one given does. Not to be called while drawing. */
import { useCallback, useEffect, useRef } from 'react';

export function useStable<A extends readonly unknown[], R>(act: (...args: A) => R): (...args: A) => R {
  const latest = useRef(act);
  useEffect(() => {
    // Whoever holds the function lives longer than one drawing.
    latest.current = act;
  });
  return useCallback((...args: A) => latest.current(...args), []);
}
