/** What a teacher changes of their account: their name, and their e-mail address, which a mail to it confirms. */
import type { NewEmail } from '@gobrel/contract';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { AuditService } from '../audit/index.js';
import { EmailLinkRow, isDuplicate, TeacherRow } from '../database/index.js';
import { refuse } from '../errors/index.js';
import { MailService, mailTexts } from '../mail/index.js';
import { AttemptsService } from './attempts.service.js';
import { teacherBy } from './colleague.js';
import { linkTokenHash, newLinkToken } from './link-token.js';
import { PresentPasswordService } from './present-password.service.js';

/** For how long a link is good, in milliseconds. */
const LASTS_MS = 24 * 60 * 60 * 1000;
/** Links that one account has sent within a minute. */
const MOST_ASKED = 5;

@Injectable()
export class AccountChangesService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly attempts: AttemptsService,
    private readonly presentPassword: PresentPasswordService,
    private readonly audit: AuditService,
    private readonly mail: MailService,
  ) {}

  /** Gives a teacher another name. */
  async rename(id: string, name: string): Promise<void> {
    await this.database.getRepository(TeacherRow).update({ id }, { name });
  }

  /**
   * Sends a link to another address; until it is followed, the old one stays. Whoever has that address already is told so
   * by a mail, so that nobody learns here who has an account.
   * @param site where the application is, without a slash at its end
   */
  async sendLink(teacherId: string, { email, present }: NewEmail, site: string, language: string): Promise<void> {
    this.mail.expectMail();
    const teacher = await this.presentPassword.confirm(teacherId, present);
    await this.attempts.countWithin(`e-mail links of ${teacherId}`, MOST_ASKED);
    const says = mailTexts(teacher.language ?? language);
    const holder = await teacherBy(this.database, email);
    if (holder && holder.id !== teacherId) {
      const text = says.emailTakenText({ name: holder.name });
      return this.mail.send({ to: holder.email, subject: says.emailSubject, text });
    }
    const { token, tokenHash } = newLinkToken();
    const links = this.database.getRepository(EmailLinkRow);
    await links.delete({ teacherId });
    await links.insert({ tokenHash, teacherId, email, expiresAt: new Date(Date.now() + LASTS_MS) });
    const text = says.emailText({ name: teacher.name, link: `${site}/confirm-email/${token}` });
    await this.mail.send({ to: email, subject: says.emailSubject, text });
  }

  /** Confirms another address by its link, which is good once. The old address is told. */
  async confirm(token: string): Promise<void> {
    const row = await this.database.getRepository(EmailLinkRow).findOneBy({ tokenHash: linkTokenHash(token) });
    const teacher = row && (await this.database.getRepository(TeacherRow).findOneBy({ id: row.teacherId }));
    if (!row || !teacher || row.expiresAt <= new Date()) throw refuse(410, 'link-is-used-up');
    await this.database
      .transaction(async (manager) => {
        const gone = await manager.delete(EmailLinkRow, { tokenHash: row.tokenHash });
        if (gone.affected === 0) throw refuse(410, 'link-is-used-up');
        await manager.update(TeacherRow, { id: teacher.id }, { email: row.email });
      })
      .catch((error: unknown) => {
        // Somebody else made an account with it meanwhile.
        throw isDuplicate(error) ? refuse(409, 'address-taken') : error;
      });
    await this.audit.note({ act: 'e-mail changed', by: teacher.id });
    if (!this.mail.isThere) return;
    const says = mailTexts(teacher.language);
    const text = says.emailChangedText({ name: teacher.name, email: row.email });
    await this.mail.send({ to: teacher.email, subject: says.emailChangedSubject, text });
  }
}
