/** A new lesson in the database, with its document as it begins. */
import type { Pace } from '@gobrel/core/lesson';
import { formatDocumentName, readLessonDocument, writeLessonChange } from '@gobrel/core/shared-doc';
import type { EntityManager } from 'typeorm';
import * as Y from 'yjs';
import { LessonRow, SharedDocumentRow } from '../database/index.js';
import { hasInserted } from '../database/has-inserted.js';
import { newJoinCode } from './join-code.js';

/** Stores a lesson under a code that no other one has, and its document. */
export async function insertLesson(manager: EntityManager, row: Omit<LessonRow, 'code'>): Promise<void> {
  await insertWithNewCode(manager, row);
  await manager.insert(SharedDocumentRow, {
    name: formatDocumentName({ kind: 'lesson', lessonId: row.id }),
    ...firstState(row.pace),
    updatedAt: row.openedAt,
  });
}

async function insertWithNewCode(manager: EntityManager, row: Omit<LessonRow, 'code'>): Promise<void> {
  for (let inserted = false; !inserted;) {
    const result = await manager
      .createQueryBuilder()
      .insert()
      .into(LessonRow)
      .values({ ...row, code: newJoinCode() })
      .orIgnore()
      .returning('id')
      .execute();
    inserted = hasInserted(result);
  }
}

/** What a lesson's document holds when it is handed out. */
function firstState(pace: Pace): { readonly state: Buffer; readonly snapshot: object } {
  const doc = new Y.Doc();
  writeLessonChange(doc, { pace });
  return { state: Buffer.from(Y.encodeStateAsUpdate(doc)), snapshot: readLessonDocument(doc) };
}
