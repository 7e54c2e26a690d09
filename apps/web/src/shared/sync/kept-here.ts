/**
 * Which documents this device keeps, and which of them hold changes that have not reached the server. Kept beside the
 * documents themselves, as a device may be left to somebody else.
 */
import type { Speaker } from '@gobrel/core/shared-doc';
import { readFields } from '@gobrel/core/deck';

const LEDGER = 'gobrel documents';

type Shelf = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;
/** Whether there are changes that have not reached the server, by the name under which a document is kept. */
type Ledger = Readonly<Record<string, boolean>>;

/** The name under which a document is kept on this device. */
export function keptAs(speaker: Speaker, name: string): string {
  return `gobrel ${speaker} ${name}`;
}

/** Notes that a document is kept here, and whether it holds changes that have not reached the server. */
export function noteKept(key: string, isUnsaved: boolean, shelf: Shelf = localStorage): void {
  const ledger = read(shelf);
  if (ledger[key] !== isUnsaved) write(shelf, { ...ledger, [key]: isUnsaved });
}

/** Whether a document held changes that had not reached the server when it was noted the last time. */
export function wasUnsaved(key: string, shelf: Shelf = localStorage): boolean {
  return read(shelf)[key] ?? false;
}

/** The documents that are kept here for a teacher or a student. */
export function keptFor(speaker: Speaker, shelf: Shelf = localStorage): readonly string[] {
  return Object.keys(read(shelf)).filter((key) => key.startsWith(keptAs(speaker, '')));
}

/** Those of them with changes that have not reached the server. */
export function unsavedFor(speaker: Speaker, shelf: Shelf = localStorage): readonly string[] {
  const ledger = read(shelf);
  return keptFor(speaker, shelf).filter((key) => ledger[key]);
}

/** Strikes documents that are kept here no more. */
export function strikeKept(keys: readonly string[], shelf: Shelf = localStorage): void {
  write(shelf, Object.fromEntries(Object.entries(read(shelf)).filter(([key]) => !keys.includes(key))));
}

function read(shelf: Shelf): Ledger {
  try {
    const value = readFields(JSON.parse(shelf.getItem(LEDGER) ?? '{}')) ?? {};
    return Object.fromEntries(Object.entries(value).map(([key, isUnsaved]) => [key, isUnsaved === true]));
  } catch {
    return {};
  }
}

function write(shelf: Shelf, ledger: Ledger): void {
  try {
    shelf.setItem(LEDGER, JSON.stringify(ledger));
  } catch {
    // Without room for it nothing is known of unsaved changes; the documents are kept all the same.
  }
}
