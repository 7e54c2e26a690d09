/** Teachers, and the sessions of teachers and students. */
import type { TokenScope } from '@gobrel/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('teacher')
export class TeacherRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text')
  email: string;

  @Column('text')
  name: string;

  /** `null` for whoever came through their school's own sign-in and has set none. */
  @Column('text', { name: 'password_hash', nullable: true })
  passwordHash: string | null;

  /** The language they want the interface in; `null` while they have chosen none. */
  @Column('text', { nullable: true })
  language: string | null;
}

/** A session; the browser holds the token, the database only its hash. */
@Entity('session')
export class SessionRow {
  @PrimaryColumn('text', { name: 'token_hash' })
  tokenHash: string;

  @Column('text', { name: 'teacher_id', nullable: true })
  teacherId: string | null;

  @Column('text', { name: 'participant_id', nullable: true })
  participantId: string | null;

  @Column('timestamptz', { name: 'expires_at' })
  expiresAt: Date;

  /** What the browser says it is, such as “Firefox, Windows”; '' where that is not known. */
  @Column('text', { default: '' })
  device: string;

  @Column('timestamptz', { name: 'started_at', default: () => 'now()' })
  startedAt: Date;
}

/** Failed attempts at a secret, counted by what was attempted. */
@Entity('failed_attempt')
export class FailedAttemptRow {
  @PrimaryColumn('text')
  subject: string;

  @Column('int')
  count: number;

  @Column('timestamptz', { name: 'last_at' })
  lastAt: Date;
}

/** A mail in the outbox. */
@Entity('outbox')
export class OutboxRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { name: 'recipient' })
  to: string;

  @Column('text')
  subject: string;

  @Column('text')
  text: string;

  @Column('timestamptz', { name: 'sent_at' })
  sentAt: Date;
}

/** A link by which a teacher sets a new password; the mail holds the token, the database only its hash. */
@Entity('password_link')
export class PasswordLinkRow {
  @PrimaryColumn('text', { name: 'token_hash' })
  tokenHash: string;

  @Column('text', { name: 'teacher_id' })
  teacherId: string;

  @Column('timestamptz', { name: 'expires_at' })
  expiresAt: Date;
}

/** A link by which another e-mail address is confirmed; the mail holds the token, the database only its hash. */
@Entity('email_link')
export class EmailLinkRow {
  @PrimaryColumn('text', { name: 'token_hash' })
  tokenHash: string;

  @Column('text', { name: 'teacher_id' })
  teacherId: string;

  @Column('text')
  email: string;

  @Column('timestamptz', { name: 'expires_at' })
  expiresAt: Date;
}

/** An account that waits for its e-mail address to be confirmed; the mail holds the token, the database only its hash. */
@Entity('waiting_account')
export class WaitingAccountRow {
  @PrimaryColumn('text', { name: 'token_hash' })
  tokenHash: string;

  @Column('text')
  email: string;

  @Column('text')
  name: string;

  @Column('text', { name: 'password_hash' })
  passwordHash: string;

  @Column('timestamptz', { name: 'expires_at' })
  expiresAt: Date;
}

/** Who somebody is in a system outside (a school's sign-in, or its learning platform), and who they are here. */
@Entity('outside_identity')
export class OutsideIdentityRow {
  @PrimaryColumn('text')
  id: string;

  /** The system, by the address it calls itself. */
  @Column('text')
  issuer: string;

  /** The name under which it knows them, which it gives to nobody else. */
  @Column('text')
  subject: string;

  /** A teacher; `null` for a student. */
  @Column('text', { name: 'teacher_id', nullable: true })
  teacherId: string | null;

  /** A student of one class; `null` for a teacher. */
  @Column('text', { name: 'student_id', nullable: true })
  studentId: string | null;
}

/** Somebody who is known to a system outside and has yet to show who they are here; the browser holds the token. */
@Entity('waiting_arrival')
export class WaitingArrivalRow {
  @PrimaryColumn('text', { name: 'token_hash' })
  tokenHash: string;

  @Column('text')
  issuer: string;

  @Column('text')
  subject: string;

  /** '' where the system does not say it. */
  @Column('text')
  email: string;

  @Column('text')
  name: string;

  @Column('timestamptz', { name: 'expires_at' })
  expiresAt: Date;
}

/** A token by which a teacher's scripts use the HTTP API; whoever has it holds it, the database only its hash. */
@Entity('api_token')
export class ApiTokenRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { name: 'teacher_id' })
  teacherId: string;

  @Column('text')
  name: string;

  @Column('text', { name: 'token_hash' })
  tokenHash: string;

  @Column('text', { array: true })
  scopes: TokenScope[];

  @Column('timestamptz', { name: 'expires_at' })
  expiresAt: Date;

  @Column('timestamptz', { name: 'last_used_at', nullable: true })
  lastUsedAt: Date | null;
}
