/** Shared documents in components. */
import { useEffect, useState, useSyncExternalStore } from 'react';
import { type DocumentStatus, type OpenDocument, openDocument, releaseDocument } from './open-document';
import type { Speaker } from '@gobrel/core/shared-doc';

/** The open document of that name while the component is there; `null` for the first moment. */
export function useDocument(name: string | null, speaker: Speaker): OpenDocument | null {
  const [opened, setOpened] = useState<{ readonly name: string; readonly document: OpenDocument } | null>(null);
  useEffect(() => {
    // A connection is something outside React: it is opened and let go with the component.
    if (name === null) return setOpened(null);
    setOpened({ name, document: openDocument(name, speaker) });
    return () => releaseDocument(name, speaker);
  }, [name, speaker]);
  // Until another document is open there is none, rather than the one before.
  return opened?.name === name ? opened.document : null;
}

const unopened: DocumentStatus = { kept: 'loading', ready: false, writable: true, heard: false };
const never = () => () => undefined;
const getUnopened = () => unopened;

/**
 * Something of an open document's status, for a view that need not follow all of it.
 * @param read gives a plain value; the view is drawn again only when that is another one
 */
export function useStatus<T extends string | boolean>(
  document: OpenDocument | null,
  read: (status: DocumentStatus) => T,
): T {
  return useSyncExternalStore(document?.subscribe ?? never, () => read(document?.getStatus() ?? unopened));
}

/** The status of an open document. */
export function useDocumentStatus(document: OpenDocument | null): DocumentStatus {
  return useSyncExternalStore(document?.subscribe ?? never, document?.getStatus ?? getUnopened);
}
