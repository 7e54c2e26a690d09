/**
 * Who let whom in and out, erased and exported what: by ids only, so that a name is in no entry, and an erased student in
 * none at all.
 */
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';

/** What is noted. */
type Act =
  | 'teacher signed in'
  | 'account confirmed'
  | 'account connected'
  | 'account disconnected'
  | 'token made'
  | 'token taken back'
  | 'platform added'
  | 'platform removed'
  | 'password set by link'
  | 'password changed'
  | 'e-mail changed'
  | 'student came in'
  | 'guest came in'
  | 'participant put out'
  | 'participant let in again'
  | 'PIN forgotten'
  | 'PINs made'
  | 'author let in'
  | 'author let out'
  | 'colleague let in'
  | 'colleague let out'
  | 'deck shared'
  | 'sharing ended'
  | 'came in by a link'
  | 'everything exported'
  | 'account deleted'
  | 'work brought in'
  | 'lesson restored'
  | 'lesson exported'
  | 'lesson deleted'
  | 'class deleted'
  | 'removed for good'
  | 'bin emptied'
  | 'student exported'
  | 'student erased';

/** An entry. */
interface AuditNote {
  readonly act: Act;
  /** The teacher who did it, by id; `null` for somebody who came in by themselves. */
  readonly by: string | null;
  /** Whom it was about: the id of a student, participant or teacher. */
  readonly subject?: string;
  /** Where: the id of a lesson, class or deck. */
  readonly place?: string;
}

@Injectable()
export class AuditService {
  constructor(@InjectDataSource() private readonly database: DataSource) {}

  /** Notes what is about to be done, or was: what cannot be noted is not done. */
  async note({ act, by, subject, place }: AuditNote): Promise<void> {
    await this.database.query('INSERT INTO audit_entry (act, by_teacher, subject, place) VALUES ($1, $2, $3, $4)', [
      act,
      by,
      subject ?? null,
      place ?? null,
    ]);
  }

  /** Takes somebody who is erased out of everything that was noted. */
  async forget(subjects: readonly string[]): Promise<void> {
    await this.database.query('UPDATE audit_entry SET subject = NULL WHERE subject = ANY($1)', [subjects]);
  }
}
