/** Decks in the bin: put there, restored, and gone for good. */
import type { DeckSummary, DeletedDeck } from '@gobrel/contract';
import { readDeck } from '@gobrel/core/deck';
import { formatDocumentName } from '@gobrel/core/shared-doc';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In, IsNull, Not } from 'typeorm';
import { timesInBin, DeckRow, SharedDocumentRow } from '../database/index.js';
import { notFound } from '../errors/index.js';
import { DocumentRemovalService, SyncService } from '../sync/index.js';
import { LibraryService } from './library.service.js';

@Injectable()
export class DeckBinService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly library: LibraryService,
    private readonly sync: SyncService,
    private readonly documents: DocumentRemovalService,
  ) {}

  /** Puts a deck in the bin. Whoever has it open is told so, and nothing more is taken. */
  async put(ownerId: string, id: string): Promise<void> {
    await this.library.owned(ownerId, id);
    await this.database.getRepository(DeckRow).update({ id }, { deletedAt: new Date() });
    this.sync.close(documentOf(id));
  }

  /** The decks that a teacher has in the bin, the last one first. */
  async list(ownerId: string): Promise<DeletedDeck[]> {
    const rows = await this.database
      .getRepository(DeckRow)
      .find({ where: { ownerId, deletedAt: Not(IsNull()) }, order: { deletedAt: 'DESC' } });
    const documents = await this.database
      .getRepository(SharedDocumentRow)
      .findBy({ name: In(rows.map(({ id }) => documentOf(id))) });
    return rows.map(({ id, deletedAt }) => {
      const { deck } = readDeck(documents.find(({ name }) => name === documentOf(id))?.snapshot);
      return { id, title: deck.title, slideCount: Object.keys(deck.slides).length, ...timesInBin(deletedAt) };
    });
  }

  /** Takes a deck out of the bin again. */
  async restore(ownerId: string, id: string): Promise<DeckSummary> {
    const found = { id, ownerId, deletedAt: Not(IsNull()) };
    const { affected } = await this.database.getRepository(DeckRow).update(found, { deletedAt: null });
    if (affected !== 1) throw notFound('deck');
    return this.library.get(ownerId, id);
  }

  /** Removes a deck for good, with its versions, and with who may edit it. */
  async purge(id: string): Promise<void> {
    await this.database.transaction(async (manager) => {
      for (const table of ['deck_version', 'deck_author', 'deck_shelf'])
        await manager.query(`DELETE FROM ${table} WHERE deck_id = $1`, [id]);
      await manager.query('DELETE FROM deck WHERE id = $1', [id]);
    });
    await this.documents.remove([documentOf(id)]);
  }
}

function documentOf(deckId: string): string {
  return formatDocumentName({ kind: 'deck', deckId });
}
