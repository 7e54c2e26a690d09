/** Loads and stores shared documents: compact Yjs state, and what it says as JSON. */
import { newId, readFields } from '@gobrel/core/deck';
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
import { StoreBatch } from './store-batch.js';

/** A version is kept automatically at most this often, in milliseconds, and this many of them a deck. */
const VERSION_EVERY_MS = 10 * 60_000;
const MOST_VERSIONS = 60;

/** Pause before storing is tried again while the database is away, in milliseconds. */
const RETRY_MS = 1000;

@Injectable()
export class DocumentStore {
  private readonly log = new Logger('Documents');
  private stopping = false;
  private readonly dropped = new Set<string>();
  private readonly batch: StoreBatch;

  constructor(@InjectDataSource() private readonly database: DataSource) {
    this.batch = new StoreBatch(database);
  }

  /** The stored state of a document, or `null` when nothing was stored yet. */
  async load(name: string): Promise<Uint8Array | null> {
    const row = await this.database.getRepository(SharedDocumentRow).findOneBy({ name });
    return row && new Uint8Array(row.state);
  }

  /**
   * Stores a document; while the database cannot do it, it tries again each second, until it is done or the server
   * stops. Never rejects: gives what went wrong when the document itself cannot be stored, else `null`.
   */
  async store(name: string, doc: Y.Doc): Promise<unknown> {
    while (!this.dropped.has(name)) {
      const error = await this.storeOnce(name, doc).then(
        () => null,
        (reason: unknown) => reason ?? new Error('unknown'),
      );
      if (error === null) return null;
      const isForGood = isUnstorable(error);
      this.log[isForGood ? 'error' : 'warn'](`${name} is not stored: ${String(error)}`);
      if (isForGood || this.stopping) return error;
      await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
    }
    return null;
  }

  /** Stores a document no more: what it belongs to is deleted. */
  drop(name: string): void {
    this.dropped.add(name);
  }

  /** From now on a failed attempt is the last one. */
  stopRetrying(): void {
    this.stopping = true;
  }

  /** Keeps what is stored of a deck as a version before it is written over, unless one was kept a short while ago. */
  private async keepVersion(deckId: string, name: string, now: Date): Promise<void> {
    const lately = new Date(now.getTime() - VERSION_EVERY_MS);
    const { affected } = await this.insertVersion(deckId, name, lately);
    if (affected === 0) return;
    await this.database.query(
      `DELETE FROM deck_version WHERE deck_id = $1 AND name IS NULL AND id NOT IN (
         SELECT id FROM deck_version WHERE deck_id = $1 AND name IS NULL ORDER BY made_at DESC LIMIT $2)`,
      [deckId, MOST_VERSIONS],
    );
  }

  private async insertVersion(deckId: string, name: string, lately: Date): Promise<{ affected: number }> {
    const rows: unknown[] = await this.database.query(
      `INSERT INTO deck_version (id, deck_id, made_at, deck)
       SELECT $1, $2, updated_at, snapshot FROM shared_document
       WHERE name = $3 AND EXISTS (SELECT 1 FROM deck WHERE id = $2)
         AND NOT EXISTS (SELECT 1 FROM deck_version WHERE deck_id = $2 AND made_at > $4)
       RETURNING id`,
      [newId(), deckId, name, lately],
    );
    return { affected: rows.length };
  }

  private async storeOnce(name: string, doc: Y.Doc): Promise<void> {
    const parsed = parseDocumentName(name);
    if (!parsed) return;
    const now = new Date();
    if (parsed.kind === 'deck') await this.keepVersion(parsed.deckId, name, now);
    await this.batch.add(name, () => ({
      name,
      state: Buffer.from(Y.encodeStateAsUpdate(doc)),
      snapshot: JSON.stringify(snapshotOf(parsed, doc)),
      updatedAt: new Date(),
    }));
    if (parsed.kind === 'deck')
      await this.database.getRepository(DeckRow).update({ id: parsed.deckId }, { updatedAt: now });
  }
}

/**
 * Whether it is the document that cannot be stored, so that trying again helps nobody: it cannot be read, or the database
 * says that its data are wrong (PostgreSQL's error classes 22 and 54).
 */
function isUnstorable(error: unknown): boolean {
  const code = readFields(error)?.['code'];
  return typeof code === 'string' ? /^(22|54)/.test(code) : error instanceof RangeError || error instanceof TypeError;
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
