/** Noticing that one was sent out of a document: what it belongs to was deleted, or is not one's own any more. */
import { useEffect, useRef } from 'react';
import type { OpenDocument } from './open-document';
import { useStatus } from './use-document';

/** Calls `onSentOut` when the server does not let this device have a document any more, so that it can be asked why. */
export function useSentOut(document: OpenDocument | null, onSentOut: () => void): void {
  const isOut = useStatus(document, ({ kept }) => kept === 'forbidden');
  const told = useRef(onSentOut);
  useEffect(() => {
    told.current = onSentOut;
  });
  useEffect(() => {
    // The connection is outside React.
    if (isOut) told.current();
  }, [isOut]);
}
