/** Who has a deck: its owner lets others in and out, to edit it or to look at it; whoever was let in may leave. */
import type { AuthorTerms, AuthorView, InvitedAuthor } from '@gobrel/contract';
import { formatDocumentName } from '@gobrel/core/shared-doc';
import { Injectable, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In } from 'typeorm';
import { teacherBy } from '../accounts/index.js';
import { AuditService } from '../audit/index.js';
import { DeckAuthorRow, DeckRow, InvitationRow, TeacherRow } from '../database/index.js';
import { notFound } from '../errors/index.js';
import { DocumentAccessService, SyncService } from '../sync/index.js';
import { AudiencesService } from './audiences.service.js';
import { InvitationsService, type Inviting } from './invitations.service.js';
import { LibraryService } from './library.service.js';

/** How often it is looked whose time is over, in milliseconds. */
const LOOK_EVERY_MS = 30_000;

@Injectable()
export class AuthorsService implements OnApplicationBootstrap, OnApplicationShutdown {
  private looking: ReturnType<typeof setInterval> | undefined;

  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly library: LibraryService,
    private readonly access: DocumentAccessService,
    private readonly sync: SyncService,
    private readonly audit: AuditService,
    private readonly invitations: InvitationsService,
    private readonly audiences: AudiencesService,
  ) {}

  onApplicationBootstrap(): void {
    // While the database is away nobody can change anything; it is looked again.
    this.looking = setInterval(() => void this.endDue().catch(() => undefined), LOOK_EVERY_MS).unref();
  }

  onApplicationShutdown(): void {
    clearInterval(this.looking);
  }

  /** A deck's owner, then those it is shared with by name, then those who have not come yet. */
  async list(teacherId: string, id: string): Promise<AuthorView[]> {
    if (!(await this.access.mayEditDeck(teacherId, id))) throw notFound('deck');
    return this.authorsOf(id);
  }

  /** Lets a colleague in, known by their address; whoever has no account is asked by mail. */
  async letIn(teacherId: string, id: string, invited: InvitedAuthor, inviting: Inviting): Promise<AuthorView[]> {
    await this.library.owned(teacherId, id);
    const author = await teacherBy(this.database, invited.email);
    if (!author) await this.invitations.invite(teacherId, id, invited, inviting);
    else if (author.id !== teacherId) {
      await this.audit.note({ act: 'author let in', by: teacherId, subject: author.id, place: id });
      const row = { deckId: id, teacherId: author.id, ...termsOf({ may: 'edit', until: null, ...invited }) };
      await this.database.getRepository(DeckAuthorRow).upsert(row, ['deckId', 'teacherId']);
      this.sync.dismiss(documentOf(id), author.id);
      await this.invitations.tell(teacherId, id, author, inviting);
    }
    return this.authorsOf(id);
  }

  /** Sets what somebody may do, and until when. */
  async change(teacherId: string, id: string, authorId: string, terms: AuthorTerms): Promise<AuthorView[]> {
    await this.library.owned(teacherId, id);
    const change = termsOf(terms);
    if (Object.keys(change).length > 0) {
      await this.audit.note({ act: 'author let in', by: teacherId, subject: authorId, place: id });
      await this.database.getRepository(DeckAuthorRow).update({ deckId: id, teacherId: authorId }, change);
      await this.database.getRepository(InvitationRow).update({ deckId: id, id: authorId }, change);
      // Whoever has it open opens it anew, with what they may do now.
      this.sync.dismiss(documentOf(id), authorId);
    }
    return this.authorsOf(id);
  }

  /** Lets somebody out: the owner anybody, anybody else themselves. */
  async letOut(teacherId: string, id: string, authorId: string): Promise<void> {
    if (authorId !== teacherId || (await this.access.deckRight(teacherId, id)) === 'none')
      await this.library.owned(teacherId, id);
    await this.audit.note({ act: 'author let out', by: teacherId, subject: authorId, place: id });
    await this.database.getRepository(DeckAuthorRow).delete({ deckId: id, teacherId: authorId });
    await this.database.getRepository(InvitationRow).delete({ deckId: id, id: authorId });
    this.sync.dismiss(documentOf(id), authorId);
  }

  /** Lets everybody out but the owner, those who have not come yet as well, and teams and the school. */
  async letAllOut(ownerId: string, id: string): Promise<void> {
    for (const { id: authorId, isOwner } of await this.list(ownerId, id))
      if (!isOwner) await this.letOut(ownerId, id, authorId);
    await this.audiences.endAllOf(id);
  }

  /** Lets out everybody whose time is over. */
  async endDue(): Promise<void> {
    const [rows] = await this.database.query<[{ deck_id: string; teacher_id: string }[], number]>(
      'DELETE FROM deck_author WHERE until <= now() RETURNING deck_id, teacher_id',
    );
    for (const { deck_id, teacher_id } of rows) this.sync.dismiss(documentOf(deck_id), teacher_id);
    await this.database.query('DELETE FROM deck_invitation WHERE until <= now()');
    await this.audiences.endDue();
  }

  private async authorsOf(deckId: string): Promise<AuthorView[]> {
    const { ownerId } = await this.database.getRepository(DeckRow).findOneByOrFail({ id: deckId });
    const rows = await this.database.getRepository(DeckAuthorRow).findBy({ deckId });
    const invited = await this.database
      .getRepository(InvitationRow)
      .find({ where: { deckId }, order: { email: 'ASC' } });
    const teachers = await this.database
      .getRepository(TeacherRow)
      .findBy({ id: In([ownerId, ...rows.map((row) => row.teacherId)]) });
    const known = teachers
      .map(({ id, name, email }) => {
        const { may = 'edit', until = null } = rows.find(({ teacherId }) => teacherId === id) ?? {};
        return { id, name, email, isOwner: id === ownerId, may, until: until?.toISOString() ?? null };
      })
      .sort((a, b) => Number(b.isOwner) - Number(a.isOwner) || a.name.localeCompare(b.name));
    const coming = invited.map(({ id, email, may, until }) => ({
      ...{ id, name: '', email, isOwner: false, may },
      until: until?.toISOString() ?? null,
    }));
    return [...known, ...coming];
  }
}

function documentOf(deckId: string): string {
  return formatDocumentName({ kind: 'deck', deckId });
}

/** Terms as columns; what is left out is not there. */
function termsOf({ may, until }: AuthorTerms) {
  return {
    ...(may === undefined ? {} : { may }),
    ...(until === undefined ? {} : { until: until === null ? null : new Date(until) }),
  };
}
