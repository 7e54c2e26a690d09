/** Where a student is in their slides, and whether their device is connected. */
import type { Stop } from '@gobrel/core/show';
import { useSyncExternalStore } from 'react';
import type { OpenDocument } from './open-document';

/** What a student's device announces beside their work. */
export interface StudentPlace {
  readonly stop: Stop;
}

/** Where a student's device says it is, as it came and to be read with `readStop`; `null` while none is connected. */
export function useStudentPlace(document: OpenDocument | null): unknown {
  return useSyncExternalStore(
    (listener) => {
      document?.awareness.on('change', listener);
      return () => document?.awareness.off('change', listener);
    },
    () => (document ? toldIn(document) : null),
  );
}

function toldIn(document: OpenDocument): unknown {
  for (const state of document.awareness.getStates().values()) {
    const { stop } = state as { readonly stop?: unknown };
    if (stop !== undefined) return stop;
  }
  return null;
}
