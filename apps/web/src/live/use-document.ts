/** Shared documents in components. */
import { useEffect, useState, useSyncExternalStore } from 'react';
import { type DocumentStatus, type OpenDocument, openDocument, releaseDocument, type Speaker } from './open-document';

/** The open document of that name while the component is there; `null` for the first moment. */
export function useDocument(name: string | null, speaker: Speaker): OpenDocument | null {
  const [document, setDocument] = useState<OpenDocument | null>(null);
  useEffect(() => {
    // A connection is something outside React: it is opened and let go with the component.
    if (name === null) return setDocument(null);
    setDocument(openDocument(name, speaker));
    return () => releaseDocument(name, speaker);
  }, [name, speaker]);
  return document;
}

const unopened: DocumentStatus = { kept: 'loading', ready: false, writable: true };
const never = () => () => undefined;
const getUnopened = () => unopened;

/** The status of an open document. */
export function useDocumentStatus(document: OpenDocument | null): DocumentStatus {
  return useSyncExternalStore(document?.subscribe ?? never, document?.getStatus ?? getUnopened);
}
