/** A lesson's shared state as a Yjs document: one field of a map for each part of it. */
import type * as Y from 'yjs';
import { plainFields } from './plain-fields.js';
import { type LessonChange, type LessonState, readLessonState } from '../lesson/index.js';

/** The state that a lesson document holds. */
export function readLessonDocument(doc: Y.Doc): LessonState {
  return readLessonState(plainFields(doc.getMap('lesson')));
}

/** Writes what changes, in one transaction. */
export function writeLessonChange(doc: Y.Doc, change: LessonChange): void {
  const fields = doc.getMap('lesson');
  doc.transact(() => {
    for (const [name, value] of Object.entries(change)) fields.set(name, value);
  });
}

/** Changes a lesson by a command that is given its present state. */
export function changeLesson(doc: Y.Doc, command: (state: LessonState) => LessonChange): void {
  writeLessonChange(doc, command(readLessonDocument(doc)));
}
