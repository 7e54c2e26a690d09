/** A deck as it was: versions kept automatically (when it is stored) and by hand. They are restored in the editor. */
import type { VersionView } from '@gobrel/contract';
import { type Deck, newId, readDeck } from '@gobrel/core/deck';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { DeckVersionRow } from '../database/index.js';
import { notFound } from '../errors/index.js';
import { DocumentAccessService } from '../sync/index.js';
import { LibraryService } from './library.service.js';

/** A version as the database lists it, without its deck. */
interface ListedVersion {
  readonly id: string;
  readonly name: string | null;
  readonly by: string | null;
  readonly made_at: Date;
  readonly slides: number;
}

@Injectable()
export class VersionsService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly library: LibraryService,
    private readonly access: DocumentAccessService,
  ) {}

  /** The versions of a deck, the newest first. */
  async list(teacherId: string, id: string): Promise<VersionView[]> {
    if (!(await this.access.mayEditDeck(teacherId, id))) throw notFound('deck');
    const rows: ListedVersion[] = await this.database.query(
      `SELECT version.id, version.name, teacher.name AS by, version.made_at,
         (SELECT count(*)::int FROM jsonb_object_keys(version.deck->'slides')) AS slides
       FROM deck_version version LEFT JOIN teacher ON teacher.id = version.author_id
       WHERE version.deck_id = $1 ORDER BY version.made_at DESC, version.id`,
      [id],
    );
    return rows.map(({ made_at: madeAt, slides, ...row }) => ({
      ...row,
      madeAt: madeAt.toISOString(),
      slideCount: slides,
    }));
  }

  /** Keeps the deck as it is now under a name. */
  async keep(teacherId: string, deckId: string, name: string): Promise<VersionView[]> {
    const deck = await this.library.present(teacherId, deckId);
    const row = { id: newId(), deckId, name, authorId: teacherId, madeAt: new Date(), deck: deck as object };
    await this.database.getRepository(DeckVersionRow).insert(row);
    return this.list(teacherId, deckId);
  }

  /** The deck as it was. */
  async get(teacherId: string, deckId: string, id: string): Promise<Deck> {
    if (!(await this.access.mayEditDeck(teacherId, deckId))) throw notFound('deck');
    const row = await this.database.getRepository(DeckVersionRow).findOneBy({ id, deckId });
    if (!row) throw notFound('version');
    return readDeck(row.deck).deck;
  }
}
