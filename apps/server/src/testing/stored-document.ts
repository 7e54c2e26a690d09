/** What the database has of a shared document, for tests: only what is on disk counts. */
import { parseDocumentName, readDeckDocument, readLessonDocument, readWorkDocument } from '@gobrel/core/shared-doc';
import type { DataSource } from 'typeorm';
import * as Y from 'yjs';

/** The document as JSON: its state with every change after it. */
export async function storedJson(database: DataSource, name: string): Promise<string> {
  const rows = await database.query<{ bytes: Buffer }[]>(
    `SELECT state AS bytes FROM shared_document WHERE name = $1
     UNION ALL SELECT bytes FROM document_update WHERE name = $1`,
    [name],
  );
  const doc = new Y.Doc();
  for (const { bytes } of rows) Y.applyUpdate(doc, bytes);
  const kind = parseDocumentName(name)?.kind;
  const read = kind === 'deck' ? readDeckDocument : kind === 'lesson' ? readLessonDocument : readWorkDocument;
  return JSON.stringify(read(doc));
}
