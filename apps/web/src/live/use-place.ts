/** Where a student is in their slides, and whether their device is connected. */
import { useSyncExternalStore } from 'react';
import type { OpenDocument } from './open-document';

/** What a student's device announces beside their work. */
export interface StudentPlace {
  readonly at: string;
}

/** The slide a student's device announces; `null` while none is connected. */
export function useStudentPlace(document: OpenDocument | null): string | null {
  return useSyncExternalStore(
    (listener) => {
      document?.awareness.on('change', listener);
      return () => document?.awareness.off('change', listener);
    },
    () => (document ? placeIn(document) : null),
  );
}

/** The slide announced in a work document; `null` while no student's device is connected. */
export function placeIn(document: OpenDocument): string | null {
  for (const state of document.awareness.getStates().values()) {
    const at = (state as Partial<StudentPlace>).at;
    if (typeof at === 'string') return at;
  }
  return null;
}
