/** Who edits a deck: its owner lets others in and out; a co-author may leave. */
import { type AuthorView, NewAuthor } from '@gobrel/contract';
import { formatDocumentName } from '@gobrel/core/shared-doc';
import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In } from 'typeorm';
import { Allow, colleagueBy, TeacherId } from '../accounts/index.js';
import { DeckAuthorRow, DeckRow, TeacherRow } from '../database/index.js';
import { notFound } from '../errors/index.js';
import { DocumentAccessService, SyncService } from '../sync/index.js';
import { LibraryService } from './library.service.js';

@Controller('api/decks/:id/authors')
@Allow('teacher')
export class AuthorsController {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly library: LibraryService,
    private readonly access: DocumentAccessService,
    private readonly sync: SyncService,
  ) {}

  @Get()
  async list(@TeacherId() teacherId: string, @Param('id') id: string): Promise<AuthorView[]> {
    if (!(await this.access.mayEditDeck(teacherId, id))) throw notFound('deck');
    return this.authorsOf(id);
  }

  @Post()
  async letIn(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Body() { email }: NewAuthor,
  ): Promise<AuthorView[]> {
    await this.library.owned(teacherId, id);
    const author = await colleagueBy(this.database, email);
    if (author.id !== teacherId) {
      const row = { deckId: id, teacherId: author.id };
      await this.database.createQueryBuilder().insert().into(DeckAuthorRow).values(row).orIgnore().execute();
    }
    return this.authorsOf(id);
  }

  @Delete(':authorId')
  @HttpCode(204)
  async letOut(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Param('authorId') authorId: string,
  ): Promise<void> {
    if (authorId !== teacherId || !(await this.access.mayEditDeck(teacherId, id)))
      await this.library.owned(teacherId, id);
    await this.database.getRepository(DeckAuthorRow).delete({ deckId: id, teacherId: authorId });
    this.sync.dismiss(formatDocumentName({ kind: 'deck', deckId: id }), authorId);
  }

  private async authorsOf(deckId: string): Promise<AuthorView[]> {
    const { ownerId } = await this.database.getRepository(DeckRow).findOneByOrFail({ id: deckId });
    const others = await this.database.getRepository(DeckAuthorRow).findBy({ deckId });
    const teachers = await this.database
      .getRepository(TeacherRow)
      .findBy({ id: In([ownerId, ...others.map((row) => row.teacherId)]) });
    return teachers
      .map(({ id, name, email }) => ({ id, name, email, isOwner: id === ownerId }))
      .sort((a, b) => Number(b.isOwner) - Number(a.isOwner) || a.name.localeCompare(b.name));
  }
}
