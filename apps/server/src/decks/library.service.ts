/** A teacher's library of decks. What a deck holds is its shared document; here it is listed, copied and put away. */
import type { DeckSummary } from '@gobrel/contract';
import { addSlideFrom, applyChanges, type Deck, emptyDeck, newId, onlySlide, readDeck } from '@gobrel/core/deck';
import { firstSlide } from '@gobrel/core/routes';
import { encodeDeck, formatDocumentName, readDeckDocument, writeChanges } from '@gobrel/core/shared-doc';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, type EntityManager, IsNull, Not } from 'typeorm';
import { DeckRow, SharedDocumentRow } from '../database/index.js';
import { notFound } from '../errors/index.js';
import { SyncService } from '../sync/index.js';

@Injectable()
export class LibraryService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly sync: SyncService,
  ) {}

  /** A teacher's decks, the one changed last first. */
  async list(ownerId: string): Promise<DeckSummary[]> {
    const rows = await this.database
      .getRepository(DeckRow)
      .find({ where: { ownerId, deletedAt: IsNull() }, order: { updatedAt: 'DESC', id: 'ASC' } });
    return Promise.all(rows.map((row) => this.summary(row)));
  }

  /** One deck of a teacher. */
  async get(ownerId: string, id: string): Promise<DeckSummary> {
    return this.summary(await this.owned(ownerId, id));
  }

  /** A new deck with one slide, ready to type on. */
  async create(ownerId: string, title: string): Promise<DeckSummary> {
    return this.keep(ownerId, startDeck(title));
  }

  /** A copy of a deck under another title. */
  async copy(ownerId: string, id: string): Promise<DeckSummary> {
    const deck = await this.present(ownerId, id);
    return this.keep(ownerId, { ...deck, title: `${deck.title} (copy)` });
  }

  /** Gives a deck another title; open editors follow. */
  async rename(ownerId: string, id: string, title: string): Promise<DeckSummary> {
    await this.owned(ownerId, id);
    await this.sync.change(documentOf(id), (doc) => writeChanges(doc, [{ type: 'set-deck', fields: { title } }]));
    return this.get(ownerId, id);
  }

  /** Puts a deck away, to be taken back. */
  async remove(ownerId: string, id: string): Promise<void> {
    await this.owned(ownerId, id);
    await this.database.getRepository(DeckRow).update({ id }, { deletedAt: new Date() });
  }

  /** Takes a deletion back. */
  async restore(ownerId: string, id: string): Promise<DeckSummary> {
    const row = await this.database.getRepository(DeckRow).findOneBy({ id, ownerId, deletedAt: Not(IsNull()) });
    if (!row) throw notFound('deck');
    await this.database.getRepository(DeckRow).update({ id }, { deletedAt: null });
    return this.summary(row);
  }

  /** A deck as it is at this moment, edits of the last second included. */
  async present(ownerId: string, id: string): Promise<Deck> {
    await this.owned(ownerId, id);
    return readDeckDocument(await this.sync.read(documentOf(id)));
  }

  /** Stores a deck under a new id. */
  async keep(ownerId: string, deck: Deck, id: string = newId()): Promise<DeckSummary> {
    const row = { id, ownerId, updatedAt: new Date(), deletedAt: null };
    await this.database.transaction(async (manager: EntityManager) => {
      await manager.insert(DeckRow, row);
      await manager.insert(SharedDocumentRow, {
        name: documentOf(id),
        state: Buffer.from(encodeDeck(deck)),
        snapshot: deck as object,
        updatedAt: row.updatedAt,
      });
    });
    return summaryOf(row, deck);
  }

  private async owned(ownerId: string, id: string): Promise<DeckRow> {
    const row = await this.database.getRepository(DeckRow).findOneBy({ id, ownerId, deletedAt: IsNull() });
    if (!row) throw notFound('deck');
    return row;
  }

  /** A deck that somebody edits is shown as it is now; any other as it was stored. */
  private async summary(row: DeckRow): Promise<DeckSummary> {
    const name = documentOf(row.id);
    const open = this.sync.readOpen(name);
    if (open) return summaryOf(row, readDeckDocument(open));
    const document = await this.database.getRepository(SharedDocumentRow).findOneBy({ name });
    return summaryOf(row, readDeck(document?.snapshot).deck);
  }
}

/** The name of a deck's shared document. */
function documentOf(deckId: string): string {
  return formatDocumentName({ kind: 'deck', deckId });
}

/** A deck as a library or a list shows it: its title and the slide it begins with. */
export function coverOf(deck: Deck): Deck {
  return onlySlide(deck, firstSlide(deck)?.id ?? '');
}

function summaryOf(row: Pick<DeckRow, 'id' | 'updatedAt'>, deck: Deck): DeckSummary {
  return {
    id: row.id,
    title: deck.title,
    updatedAt: row.updatedAt.toISOString(),
    slideCount: Object.keys(deck.slides).length,
    cover: coverOf(deck),
  };
}

function startDeck(title: string): Deck {
  const empty = emptyDeck(title);
  return applyChanges(empty, addSlideFrom(empty, 'title', { id: newId(), name: 'Opening' }));
}
