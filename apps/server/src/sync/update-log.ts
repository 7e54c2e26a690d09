/**
 * The log of changes to shared documents: every change is a row, written before anybody is told that it is saved. What a
 * document is by now is its stored state with the rows after it; now and then these are folded into the state.
 */
import { newId } from '@gobrel/core/deck';
import {
  type DocumentName,
  parseDocumentName,
  readDeckDocument,
  readLessonDocument,
  readWorkDocument,
} from '@gobrel/core/shared-doc';
import { Injectable, Logger } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, type EntityManager } from 'typeorm';
import * as Y from 'yjs';
import { isDataError } from '../database/index.js';
import { MetricsService } from '../metrics/index.js';
import { Line } from '../line.js';
import { UpdateQueue } from './update-queue.js';

/** A version is kept automatically at most this often, in milliseconds, and this many of them a deck. */
const VERSION_EVERY_MS = 10 * 60_000;
const MOST_VERSIONS = 60;

/** How exact the time is at which a deck was changed the last time, in milliseconds. */
const TOUCH_EVERY_MS = 3000;

/** Pause before storing is tried again while the database is away, in milliseconds. */
const RETRY_MS = 500;

/** The most bytes that wait for a database that is away; then no more is taken. */
const MOST_WAITING = 64 * 1024 * 1024;

interface StoredBytes {
  readonly bytes: Buffer;
}

@Injectable()
export class UpdateLog {
  private readonly log = new Logger('Documents');
  private readonly queue: UpdateQueue;
  /** The last change of each document that is on its way. */
  private readonly last = new Map<string, Promise<void>>();
  private readonly dropped = new Set<string>();
  private readonly listeners = new Set<(name: string, bytes: Uint8Array) => void>();
  /** One document is folded at a time: a school's worth may come to it at once, and nobody is to wait for that. */
  private readonly folding = new Line();
  /** Documents with rows that are not folded. */
  private readonly unfolded = new Set<string>();
  /** When decks were noted to be changed, by the name of their document; in milliseconds since 1970. */
  private readonly touched = new Map<string, number>();

  constructor(
    @InjectDataSource() private readonly database: DataSource,
    metrics: MetricsService,
  ) {
    const countWritten = metrics.counter('gobrel_written_changes_total', 'Changes of documents that were written.');
    const timeWriting = metrics.times('gobrel_write_seconds', 'How long a group of changes took to be written.');
    metrics.gauge('gobrel_waiting_bytes', 'Bytes of changes that wait for the database.', () => this.queue.bytes);
    this.queue = new UpdateQueue({
      write: async (rows) => {
        const began = performance.now();
        await this.write(rows);
        timeWriting((performance.now() - began) / 1000);
        countWritten(rows.length);
        return null;
      },
      isForGood: isDataError,
      onRetry: (error) => this.log.warn(`Changes wait for the database: ${String(error)}`),
      pause: RETRY_MS,
    });
  }

  /** Whether so much waits for the database that no more can be taken. */
  get isFull(): boolean {
    return this.queue.bytes > MOST_WAITING;
  }

  /** Calls `listener` with every change that is written, after the commit. */
  onWritten(listener: (name: string, bytes: Uint8Array) => void): void {
    this.listeners.add(listener);
  }

  /** Puts a change on its way; `settled` tells when it is there. */
  append(name: string, bytes: Uint8Array): void {
    if (this.dropped.has(name)) return;
    this.unfolded.add(name);
    const written = this.queue.add({ name, bytes });
    this.last.set(name, written);
    const forget = () => {
      if (this.last.get(name) === written) this.last.delete(name);
    };
    const tell = () => {
      forget();
      for (const listener of this.listeners) listener(name, bytes);
    };
    written.then(tell, (error: unknown) => {
      this.log.error(`A change of ${name} is not stored: ${String(error)}`);
      forget();
    });
  }

  /** Resolves once everything that was appended to a document is in the database; rejects when something never will be. */
  settled(name: string): Promise<void> {
    return this.last.get(name) ?? Promise.resolve();
  }

  /** Everything that is stored of a document, in the order it is to be applied; empty when there is none yet. */
  async load(name: string): Promise<readonly Uint8Array[]> {
    // In one statement: between two, rows could be folded into a state that was read before.
    const rows = await this.database.query<(StoredBytes & { readonly place: string })[]>(
      `SELECT place, bytes FROM (
         SELECT 0 AS place, state AS bytes FROM shared_document WHERE name = $1
         UNION ALL SELECT id AS place, bytes FROM document_update WHERE name = $1) AS stored
       ORDER BY place`,
      [name],
    );
    if (rows.some(({ place }) => place !== '0')) this.unfolded.add(name);
    return rows.map(({ bytes }) => bytes);
  }

  /** Which of some documents were changed or folded since a moment, in milliseconds since 1970. */
  async changedSince(names: readonly string[], since: number): Promise<readonly string[]> {
    if (names.length === 0) return [];
    const rows = await this.database.query<{ name: string }[]>(
      `SELECT DISTINCT name FROM document_update WHERE name = ANY($1) AND made_at >= $2
       UNION SELECT name FROM shared_document WHERE name = ANY($1) AND updated_at >= $2`,
      [names, new Date(since)],
    );
    return rows.map(({ name }) => name);
  }

  /** Folds the changes of a document into its state, and says as JSON what it is. */
  async fold(name: string): Promise<void> {
    const parsed = parseDocumentName(name);
    if (!parsed || this.dropped.has(name) || !this.unfolded.delete(name)) return;
    try {
      await this.folding.run(() => this.foldRows(parsed, name));
    } catch (error) {
      this.unfolded.add(name);
      throw error;
    }
  }

  private async foldRows(parsed: DocumentName, name: string): Promise<void> {
    await this.database.transaction(async (manager) => {
      await manager.query('SELECT pg_advisory_xact_lock(hashtextextended($1, 0))', [name]);
      const stored = await manager.query<StoredBytes[]>('SELECT state AS bytes FROM shared_document WHERE name = $1', [
        name,
      ]);
      const taken = await manager.query<StoredBytes[]>(
        `WITH taken AS (DELETE FROM document_update WHERE name = $1 RETURNING id, bytes)
         SELECT bytes FROM taken ORDER BY id`,
        [name],
      );
      if (taken.length === 0) return;
      const doc = documentOf([...stored, ...taken].map(({ bytes }) => bytes));
      if (parsed.kind === 'deck') await this.keepVersion(manager, parsed.deckId, name);
      await manager.query(
        `INSERT INTO shared_document (name, state, snapshot, updated_at) VALUES ($1, $2, $3, now())
         ON CONFLICT (name) DO UPDATE
         SET state = excluded.state, snapshot = excluded.snapshot, updated_at = excluded.updated_at`,
        [name, Buffer.from(Y.encodeStateAsUpdate(doc)), JSON.stringify(jsonOf(parsed, doc))],
      );
      doc.destroy();
    });
    this.touched.delete(name);
  }

  /** Folds what was left over when the server ended without having done so. */
  async foldLeftOvers(): Promise<void> {
    const rows = await this.database.query<{ name: string }[]>('SELECT DISTINCT name FROM document_update');
    for (const { name } of rows) this.unfolded.add(name);
    for (const { name } of rows)
      await this.fold(name).catch((error: unknown) => this.log.error(`${name} cannot be folded: ${String(error)}`));
  }

  /** Stores a document no more: what it belongs to is deleted. */
  drop(name: string): void {
    this.dropped.add(name);
  }

  /** From now on what cannot be written is given up. */
  stop(): void {
    this.queue.stop();
  }

  private async write(rows: readonly { readonly name: string; readonly bytes: Uint8Array }[]): Promise<void> {
    const kept = rows.filter(({ name }) => !this.dropped.has(name));
    if (kept.length === 0) return;
    await this.database.query(
      'INSERT INTO document_update (name, bytes) SELECT * FROM unnest($1::text[], $2::bytea[])',
      [kept.map(({ name }) => name), kept.map(({ bytes }) => Buffer.from(bytes))],
    );
    await this.touchDecks(kept.map(({ name }) => name));
  }

  /** Notes when decks were changed the last time, as libraries show it; now and then, as that need not be exact. */
  private async touchDecks(names: readonly string[]): Promise<void> {
    const now = Date.now();
    const due = [...new Set(names)].filter((name) => now - (this.touched.get(name) ?? 0) > TOUCH_EVERY_MS);
    const deckIds = due.flatMap((name) => {
      const parsed = parseDocumentName(name);
      return parsed?.kind === 'deck' ? [parsed.deckId] : [];
    });
    if (deckIds.length === 0) return;
    await this.database.query('UPDATE deck SET updated_at = now() WHERE id = ANY($1)', [deckIds]);
    for (const name of due) this.touched.set(name, now);
  }

  /** Keeps what is stored of a deck as a version before it is written over, unless one was kept a short while ago. */
  private async keepVersion(manager: EntityManager, deckId: string, name: string): Promise<void> {
    const lately = new Date(Date.now() - VERSION_EVERY_MS);
    const kept = await manager.query<unknown[]>(
      `INSERT INTO deck_version (id, deck_id, made_at, deck)
       SELECT $1, $2, updated_at, snapshot FROM shared_document
       WHERE name = $3 AND EXISTS (SELECT 1 FROM deck WHERE id = $2)
         AND NOT EXISTS (SELECT 1 FROM deck_version WHERE deck_id = $2 AND made_at > $4)
       RETURNING id`,
      [newId(), deckId, name, lately],
    );
    if (kept.length === 0) return;
    await manager.query(
      `DELETE FROM deck_version WHERE deck_id = $1 AND name IS NULL AND id NOT IN (
         SELECT id FROM deck_version WHERE deck_id = $1 AND name IS NULL ORDER BY made_at DESC LIMIT $2)`,
      [deckId, MOST_VERSIONS],
    );
  }
}

/** A document made of what is stored of it. What cannot be read is passed over: everything else is still there. */
export function documentOf(stored: readonly Uint8Array[], doc = new Y.Doc()): Y.Doc {
  for (const bytes of stored) {
    try {
      Y.applyUpdate(doc, bytes);
    } catch (error) {
      new Logger('Documents').error(`Something stored cannot be read: ${String(error)}`);
    }
  }
  return doc;
}

function jsonOf(name: DocumentName, doc: Y.Doc): unknown {
  switch (name.kind) {
    case 'deck':
      return readDeckDocument(doc);
    case 'lesson':
      return readLessonDocument(doc);
    case 'work':
      return readWorkDocument(doc);
  }
}
