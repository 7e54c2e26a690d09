/** A participant's work as a Yjs document, both ways: one map for each part by id, and the way in the map `walk`. */
import * as Y from 'yjs';
import { readWork, type Work, type WorkChange, workParts } from '../work/index.js';

/** The work that a document holds. */
export function readWorkDocument(doc: Y.Doc): Work {
  const parts = Object.fromEntries(workParts.map((part) => [part, doc.getMap(part).toJSON()]));
  return readWork({ ...parts, way: doc.getMap('walk').get('way') });
}

/** Writes changes into the document in one transaction. */
export function writeWorkChanges(doc: Y.Doc, changes: readonly WorkChange[], origin?: unknown): void {
  doc.transact(() => {
    for (const change of changes) {
      if (change.part === 'way') doc.getMap('walk').set('way', [...change.way]);
      else if (change.value === null) doc.getMap(change.part).delete(change.id);
      else doc.getMap(change.part).set(change.id, change.value);
    }
  }, origin);
}

/** The shared types that a student's own undo covers: everything but the way walked. */
export function workScope(doc: Y.Doc): Y.AbstractType<unknown>[] {
  return workParts.map((part) => doc.getMap(part)) as Y.AbstractType<unknown>[];
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
    if (work.way.length > 0) doc.getMap('walk').set('way', [...work.way]);
  });
  return Y.encodeStateAsUpdate(doc);
}
