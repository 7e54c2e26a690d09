/** A participant's work as a Yjs document, both ways: one map for each part by id, and the walk in the map `walk`. */
import * as Y from 'yjs';
import { plainFields } from './plain-fields.js';
import { readWork, type Work, type WorkChange, workParts } from '../work/index.js';
import { makeRoom, writeEntry } from './work-entries.js';

/** The work that a document holds. */
export function readWorkDocument(doc: Y.Doc): Work {
  const parts = Object.fromEntries(workParts.map((part) => [part, plainFields(doc.getMap(part))]));
  const walked = plainFields(doc.getMap('walk'));
  return readWork({ ...walked, ...parts });
}

/**
 * Writes changes into the document in one transaction.
 * @param seen the work as whoever writes saw it, where others may have changed it since; what they did stays
 */
export function writeWorkChanges(
  doc: Y.Doc,
  changes: readonly WorkChange[],
  origin?: unknown,
  seen: Work | null = null,
): void {
  makeRoom(doc, changes);
  doc.transact(() => {
    for (const change of changes) {
      if (change.part === 'walk') writeWalk(doc, change);
      else writeEntry(doc, change, seen);
    }
  }, origin);
}

/** Writes what of a walk has changed: most steps lead to what was seen before, which need not be sent again. */
function writeWalk(doc: Y.Doc, { walk, seen }: Pick<Work, 'walk' | 'seen'>): void {
  const written = doc.getMap('walk');
  for (const [name, slides] of Object.entries({ walk, seen }))
    if (String(written.get(name) ?? '') !== String(slides)) written.set(name, [...slides]);
}

/** The shared types that a student's own undo covers: everything but the walk. */
export function workScope(doc: Y.Doc): Y.Map<unknown>[] {
  return workParts.map((part) => doc.getMap(part));
}

/** The names of all root types a work document may have; anything else is refused. */
export const workRoots: readonly string[] = [...workParts, 'walk'];

/** A document for given work, as an update to store. */
export function encodeWork(work: Work): Uint8Array {
  const doc = new Y.Doc();
  doc.transact(() => {
    for (const part of workParts) {
      for (const [id, value] of Object.entries(work[part])) doc.getMap(part).set(id, value);
    }
    writeWalk(doc, work);
  });
  return Y.encodeStateAsUpdate(doc);
}
