/** A deck as it was: versions kept automatically (when it is stored) and by hand. They are restored in the editor. */
import { VersionName, type VersionView } from '@gobrel/contract';
import { type Deck, newId, readDeck } from '@gobrel/core/deck';
import { Body, Controller, Get, Param, Post } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { Allow, TeacherId } from '../accounts/index.js';
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

@Controller('api/decks/:id/versions')
@Allow('teacher')
export class VersionsController {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly library: LibraryService,
    private readonly access: DocumentAccessService,
  ) {}

  @Get()
  async list(@TeacherId() teacherId: string, @Param('id') id: string): Promise<VersionView[]> {
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

  @Post()
  async keep(
    @TeacherId() teacherId: string,
    @Param('id') deckId: string,
    @Body() { name }: VersionName,
  ): Promise<VersionView[]> {
    const deck = await this.library.present(teacherId, deckId);
    const row = { id: newId(), deckId, name, authorId: teacherId, madeAt: new Date(), deck: deck as object };
    await this.database.getRepository(DeckVersionRow).insert(row);
    return this.list(teacherId, deckId);
  }

  @Get(':versionId')
  async get(
    @TeacherId() teacherId: string,
    @Param('id') deckId: string,
    @Param('versionId') id: string,
  ): Promise<Deck> {
    if (!(await this.access.mayEditDeck(teacherId, deckId))) throw notFound('deck');
    const row = await this.database.getRepository(DeckVersionRow).findOneBy({ id, deckId });
    if (!row) throw notFound('version');
    return readDeck(row.deck).deck;
  }
}
