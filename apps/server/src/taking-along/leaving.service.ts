/** Leaving: an account goes with everything that is its. */
import type { Leaving } from '@gobrel/contract';
import { formatDocumentName } from '@gobrel/core/shared-doc';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { AttemptsService, PresentPasswordService } from '../accounts/index.js';
import { AuditService } from '../audit/index.js';
import { ClassRow, DeckRow, LessonRow, StudentRow } from '../database/index.js';
import { LessonArchiveService } from '../lessons/index.js';
import { SyncService } from '../sync/index.js';

/** Where rows are a teacher's, besides decks, classes and lessons. */
const THEIRS = [
  'deck_author',
  'deck_shelf',
  'unit',
  'own_theme',
  'starter_share',
  'starter',
  'content_keeper',
  'password_link',
  'email_link',
  'session',
] as const;

@Injectable()
export class LeavingService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly presentPassword: PresentPasswordService,
    private readonly lessons: LessonArchiveService,
    private readonly sync: SyncService,
    private readonly attempts: AttemptsService,
    private readonly audit: AuditService,
  ) {}

  /**
   * Deletes an account with its decks, lessons and classes, at once and for good. Copies that others made of its decks are
   * theirs. @throws ProblemException when the password is wrong
   */
  async leave(teacherId: string, { present }: Leaving): Promise<void> {
    const { email } = await this.presentPassword.confirm(teacherId, present);
    await this.audit.note({ act: 'account deleted', by: null });
    for (const { id } of await this.database.getRepository(LessonRow).findBy({ teacherId }))
      await this.lessons.remove(teacherId, id);
    for (const { id: classId } of await this.database.getRepository(ClassRow).findBy({ teacherId })) {
      for (const { id } of await this.database.getRepository(StudentRow).findBy({ classId }))
        await this.lessons.erase(teacherId, classId, id);
      await this.database.getRepository(ClassRow).delete({ id: classId });
    }
    for (const { id } of await this.database.getRepository(DeckRow).findBy({ ownerId: teacherId })) await this.drop(id);
    await this.audit.forget([teacherId]);
    await this.attempts.forget(`teacher:${email.toLowerCase()}`);
    await this.database.transaction(async (manager) => {
      await manager.query('UPDATE deck_version SET author_id = NULL WHERE author_id = $1', [teacherId]);
      await manager.query('DELETE FROM outbox WHERE lower(recipient) = lower($1)', [email]);
      for (const table of THEIRS) await manager.query(`DELETE FROM ${table} WHERE teacher_id = $1`, [teacherId]);
      await manager.query('DELETE FROM teacher WHERE id = $1', [teacherId]);
    });
  }

  private async drop(deckId: string): Promise<void> {
    const name = formatDocumentName({ kind: 'deck', deckId });
    await this.sync.discard(name);
    await this.database.transaction(async (manager) => {
      for (const table of ['deck_version', 'deck_author', 'deck_shelf'])
        await manager.query(`DELETE FROM ${table} WHERE deck_id = $1`, [deckId]);
      await manager.query('DELETE FROM deck WHERE id = $1', [deckId]);
      for (const table of ['shared_document', 'document_update'])
        await manager.query(`DELETE FROM ${table} WHERE name = $1`, [name]);
    });
  }
}
