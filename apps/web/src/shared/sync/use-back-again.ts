/** Noticing that a connection is back: what the server said meanwhile was not heard. */
import { useEffect, useRef } from 'react';
import type { OpenDocument } from './open-document';
import { useStatus } from './use-document';

/** Calls `onBack` whenever a document that was on the device only is connected to the server again. */
export function useBackAgain(document: OpenDocument | null, onBack: () => void): void {
  const isAway = useStatus(document, ({ kept }) => kept === 'on-device');
  const wasAway = useRef(false);
  const told = useRef(onBack);
  useEffect(() => {
    told.current = onBack;
  });
  useEffect(() => {
    // The connection is outside React.
    if (wasAway.current && !isAway) told.current();
    wasAway.current = isAway;
  }, [isAway]);
}
