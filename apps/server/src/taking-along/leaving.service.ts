/** Leaving: an account goes with everything that is its. */
import type { Leaving } from '@gobrel/contract';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { AttemptsService, PresentPasswordService } from '../accounts/index.js';
import { AuditService } from '../audit/index.js';
import { BinService } from '../bin/index.js';
import { SchoolsService } from '../school/index.js';

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
  'outside_identity',
  'api_token',
] as const;

@Injectable()
export class LeavingService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly presentPassword: PresentPasswordService,
    private readonly bin: BinService,
    private readonly schools: SchoolsService,
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
    await this.schools.leaveForGood(teacherId);
    await this.bin.purgeAllOf(teacherId);
    await this.audit.forget([teacherId]);
    await this.attempts.forget(`teacher:${email.toLowerCase()}`);
    await this.database.transaction(async (manager) => {
      await manager.query('UPDATE deck_version SET author_id = NULL WHERE author_id = $1', [teacherId]);
      await manager.query('DELETE FROM outbox WHERE lower(recipient) = lower($1)', [email]);
      // Where they were asked to come, and have not come yet.
      for (const table of ['school_invitation', 'deck_invitation'])
        await manager.query(`DELETE FROM ${table} WHERE lower(email) = lower($1)`, [email]);
      for (const table of THEIRS) await manager.query(`DELETE FROM ${table} WHERE teacher_id = $1`, [teacherId]);
      await manager.query('DELETE FROM teacher WHERE id = $1', [teacherId]);
    });
  }
}
