/** Noticing from when on the server is heard: what it said before was not. */
import { useEffect, useRef } from 'react';
import type { OpenDocument } from './open-document';
import { useStatus } from './use-document';

/**
 * Calls `onHeard` whenever the server's news begin to be heard: when a document is connected for the first time, as
 * something may have happened since the page was asked for, and each time the connection is back.
 */
export function useHeard(document: OpenDocument | null, onHeard: () => void): void {
  const isHeard = useStatus(document, ({ heard }) => heard);
  const told = useRef(onHeard);
  useEffect(() => {
    told.current = onHeard;
  });
  useEffect(() => {
    // The connection is outside React.
    if (isHeard) told.current();
  }, [isHeard]);
}
