/** Making a file: how far it is, what went wrong, and breaking it off with its dialog. */
import { useEffect, useRef, useState } from 'react';

/** A file that is being made, or not yet. */
export interface Making<Progress> {
  /** How far it is; `null` while nothing is made. */
  readonly progress: Progress | null;
  /** What went wrong; `null` while nothing did. */
  readonly trouble: unknown;
  /** Makes something; what was made before is broken off. */
  readonly run: (make: (signal: AbortSignal, onProgress: (progress: Progress) => void) => Promise<void>) => void;
}

export function useMaking<Progress>(): Making<Progress> {
  const [progress, setProgress] = useState<Progress | null>(null);
  const [trouble, setTrouble] = useState<unknown>(null);
  const stop = useRef<AbortController | null>(null);
  // Whoever closes the dialog wants no file.
  useEffect(() => () => stop.current?.abort(), []);
  const run: Making<Progress>['run'] = (make) => {
    stop.current?.abort();
    const ending = new AbortController();
    stop.current = ending;
    setTrouble(null);
    make(ending.signal, (next) => {
      if (!ending.signal.aborted) setProgress(next);
    })
      .catch((error: unknown) => {
        if (!ending.signal.aborted) setTrouble(error);
      })
      .finally(() => {
        if (!ending.signal.aborted) setProgress(null);
      });
  };
  return { progress, trouble, run };
}
