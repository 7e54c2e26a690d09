/** New passwords: by a link that a mail brings, and for whoever is signed in. What was signed in before is signed out. */
import type { ChangePassword, NewPassword } from '@gobrel/contract';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, MoreThan } from 'typeorm';
import { AuditService } from '../audit/index.js';
import { PasswordLinkRow, TeacherRow } from '../database/index.js';
import { refuse } from '../errors/index.js';
import { MailService, mailTexts } from '../mail/index.js';
import { AttemptsService } from './attempts.service.js';
import { teacherBy } from './colleague.js';
import { linkTokenHash, newLinkToken } from './link-token.js';
import { isGuessable } from './password-rules.js';
import { PresentPasswordService } from './present-password.service.js';
import { SecretsService } from './secrets.service.js';
import { SessionsService } from './sessions.service.js';

/** For how long a link is good, in milliseconds. */
const LASTS_MS = 60 * 60 * 1000;
/** Links that are asked for from one network address within a minute. */
const MOST_ASKED = 60;
/** Links of one account that are good at the same time: nobody is flooded with mail. */
const MOST_GOOD = 3;

@Injectable()
export class PasswordsService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly attempts: AttemptsService,
    private readonly secrets: SecretsService,
    private readonly presentPassword: PresentPasswordService,
    private readonly sessions: SessionsService,
    private readonly audit: AuditService,
    private readonly mail: MailService,
  ) {}

  /**
   * Sends a link by which a new password is set, where somebody has this address; nobody is told whether.
   * @param from the network address that asks
   * @param site where the application is, without a slash at its end
   */
  async sendLink(email: string, from: string, site: string, language: string): Promise<void> {
    this.mail.expectMail();
    await this.attempts.countWithin(`password links from ${from}`, MOST_ASKED);
    const teacher = await teacherBy(this.database, email);
    if (!teacher || (await this.goodLinks(teacher.id)) >= MOST_GOOD) return;
    const { token, tokenHash } = newLinkToken();
    const row = { tokenHash, teacherId: teacher.id, expiresAt: new Date(Date.now() + LASTS_MS) };
    await this.database.getRepository(PasswordLinkRow).insert(row);
    const says = mailTexts(teacher.language ?? language);
    const link = `${site}/new-password/${token}`;
    const text = says.passwordText({ name: teacher.name, link });
    await this.mail.send({ to: teacher.email, subject: says.passwordSubject, text });
  }

  /** Sets a password by a link, which is good once. @throws ProblemException when it is not, or the password is no good */
  async setByLink({ token, password }: NewPassword): Promise<void> {
    const tokenHash = linkTokenHash(token);
    const row = await this.database.getRepository(PasswordLinkRow).findOneBy({ tokenHash });
    const teacher = row && row.expiresAt > new Date() ? await this.teacher(row.teacherId) : null;
    if (!teacher) throw refuse(410, 'link-is-used-up');
    const passwordHash = await this.hashed(password, teacher);
    // Both at once: of two who follow the link, one comes too late.
    await this.database.transaction(async (manager) => {
      const gone = await manager.delete(PasswordLinkRow, { tokenHash });
      if (gone.affected === 0) throw refuse(410, 'link-is-used-up');
      await manager.delete(PasswordLinkRow, { teacherId: teacher.id });
      await manager.update(TeacherRow, { id: teacher.id }, { passwordHash });
    });
    await this.audit.note({ act: 'password set by link', by: teacher.id });
    await this.sessions.endTeacher(teacher.id, null);
  }

  /** Changes the password of whoever is signed in, and signs out every other device. @throws ProblemException */
  async change(teacherId: string, { present, password }: ChangePassword, cookies: string | undefined): Promise<void> {
    const teacher = await this.presentPassword.confirm(teacherId, present);
    const passwordHash = await this.hashed(password, teacher);
    await this.database.getRepository(TeacherRow).update({ id: teacherId }, { passwordHash });
    await this.audit.note({ act: 'password changed', by: teacherId });
    await this.sessions.endTeacher(teacherId, cookies ?? '');
  }

  private goodLinks(teacherId: string): Promise<number> {
    return this.database.getRepository(PasswordLinkRow).countBy({ teacherId, expiresAt: MoreThan(new Date()) });
  }

  private hashed(password: string, { name, email, id }: TeacherRow): Promise<string> {
    if (isGuessable(password, { name, email })) throw refuse(422, 'not-valid', { password: 'password-guessable' });
    return this.secrets.hashPassword(password, `password of ${id}`);
  }

  private teacher(id: string): Promise<TeacherRow | null> {
    return this.database.getRepository(TeacherRow).findOneBy({ id });
  }
}
