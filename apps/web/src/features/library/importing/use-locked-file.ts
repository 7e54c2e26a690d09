/** A file among those that are read that is locked, and waits for its password. */
import { useCallback, useEffect, useRef, useState } from 'react';
import type { AskPassword } from './read-document';

interface LockedFile {
  readonly fileName: string;
  /** Whether a password was given before that was not its own. */
  readonly wasWrong: boolean;
  /** @param password `null` gives up on it */
  readonly give: (password: string | null) => void;
}

/** The file that waits, `null` for none, and what asks for its password. With the dialog goes whatever waits. */
export function useLockedFile(): readonly [LockedFile | null, AskPassword] {
  const [locked, setLocked] = useState<LockedFile | null>(null);
  const waiting = useRef<((password: string | null) => void) | null>(null);
  useEffect(() => () => waiting.current?.(null), []);
  const ask: AskPassword = useCallback((fileName, wasWrong) => {
    // Whoever is asked anew has given up on what was asked before.
    waiting.current?.(null);
    return new Promise((resolve) => {
      const give = (password: string | null) => {
        waiting.current = null;
        setLocked(null);
        resolve(password);
      };
      waiting.current = give;
      setLocked({ fileName, wasWrong, give });
    });
  }, []);
  return [locked, ask];
}
