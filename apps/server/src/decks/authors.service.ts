/** Who edits a deck: its owner lets others in and out; a co-author may leave. */
import type { AuthorView } from '@gobrel/contract';
import { formatDocumentName } from '@gobrel/core/shared-doc';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In } from 'typeorm';
import { colleagueBy } from '../accounts/index.js';
import { AuditService } from '../audit/index.js';
import { DeckAuthorRow, DeckRow, TeacherRow } from '../database/index.js';
import { notFound } from '../errors/index.js';
import { DocumentAccessService, SyncService } from '../sync/index.js';
import { LibraryService } from './library.service.js';

@Injectable()
export class AuthorsService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly library: LibraryService,
    private readonly access: DocumentAccessService,
    private readonly sync: SyncService,
    private readonly audit: AuditService,
  ) {}

  /** A deck's owner, then its co-authors by name. */
  async list(teacherId: string, id: string): Promise<AuthorView[]> {
    if (!(await this.access.mayEditDeck(teacherId, id))) throw notFound('deck');
    return this.authorsOf(id);
  }

  /** Lets a colleague in, known by their address. */
  async letIn(teacherId: string, id: string, email: string): Promise<AuthorView[]> {
    await this.library.owned(teacherId, id);
    const author = await colleagueBy(this.database, email);
    if (author.id !== teacherId) {
      await this.audit.note({ act: 'author let in', by: teacherId, subject: author.id, place: id });
      const row = { deckId: id, teacherId: author.id };
      await this.database.createQueryBuilder().insert().into(DeckAuthorRow).values(row).orIgnore().execute();
    }
    return this.authorsOf(id);
  }

  /** Lets somebody out: the owner anybody, a co-author themselves. */
  async letOut(teacherId: string, id: string, authorId: string): Promise<void> {
    if (authorId !== teacherId || !(await this.access.mayEditDeck(teacherId, id)))
      await this.library.owned(teacherId, id);
    await this.audit.note({ act: 'author let out', by: teacherId, subject: authorId, place: id });
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
