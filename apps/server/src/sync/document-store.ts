/** Loads and stores shared documents: compact Yjs state, and what it says as JSON. */
import {
  type DocumentName,
  parseDocumentName,
  readDeckDocument,
  readLessonDocument,
  readWorkDocument,
} from '@gobrel/core/shared-doc';
import { Injectable, Logger } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import * as Y from 'yjs';
import { DeckRow, SharedDocumentRow } from '../database/index.js';

/** Pause before storing is tried again while the database is away, in milliseconds. */
const RETRY_MS = 1000;

@Injectable()
export class DocumentStore {
  private readonly log = new Logger('Documents');
  private stopping = false;

  constructor(@InjectDataSource() private readonly database: DataSource) {}

  /** The stored state of a document, or `null` when nothing was stored yet. */
  async load(name: string): Promise<Uint8Array | null> {
    const row = await this.database.getRepository(SharedDocumentRow).findOneBy({ name });
    return row && new Uint8Array(row.state);
  }

  /** Stores a document; while the database is away it tries again each second, until it is there or the server stops. */
  async store(name: string, doc: Y.Doc): Promise<void> {
    for (;;) {
      try {
        await this.storeOnce(name, doc);
        return;
      } catch (error) {
        this.log.warn(`${name} is not stored yet: ${error instanceof Error ? error.message : String(error)}`);
        if (this.stopping) return;
        await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
      }
    }
  }

  /** From now on a failed attempt is the last one. */
  stopRetrying(): void {
    this.stopping = true;
  }

  private async storeOnce(name: string, doc: Y.Doc): Promise<void> {
    const parsed = parseDocumentName(name);
    if (!parsed) return;
    const now = new Date();
    await this.database.getRepository(SharedDocumentRow).upsert(
      {
        name,
        state: Buffer.from(Y.encodeStateAsUpdate(doc)),
        snapshot: snapshotOf(parsed, doc) as object,
        updatedAt: now,
      },
      ['name'],
    );
    if (parsed.kind === 'deck')
      await this.database.getRepository(DeckRow).update({ id: parsed.deckId }, { updatedAt: now });
  }
}

function snapshotOf(name: DocumentName, doc: Y.Doc): unknown {
  switch (name.kind) {
    case 'deck':
      return readDeckDocument(doc);
    case 'lesson':
      return readLessonDocument(doc);
    case 'work':
      return readWorkDocument(doc);
  }
}
