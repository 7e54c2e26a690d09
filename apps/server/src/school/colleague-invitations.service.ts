/** Asking colleagues to a school by mail: they come by the mail's link, once. */
import type { OwnSchool, SchoolInvitationView } from '@gobrel/contract';
import { newId } from '@gobrel/core/deck';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { AttemptsService, linkTokenHash, newLinkToken } from '../accounts/index.js';
import { AuditService } from '../audit/index.js';
import { SchoolInvitationRow, SchoolRow, TeacherRow } from '../database/index.js';
import type { Inviting } from '../decks/index.js';
import { refuse } from '../errors/index.js';
import { MailService, mailTexts } from '../mail/index.js';
import { SchoolsService } from './schools.service.js';

/** Mails that one teacher has sent within a minute. */
const MOST_ASKED = 30;

@Injectable()
export class ColleagueInvitationsService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly schools: SchoolsService,
    private readonly attempts: AttemptsService,
    private readonly audit: AuditService,
    private readonly mail: MailService,
  ) {}

  /**
   * Sends a link to a colleague; a second one makes the first one useless.
   * @throws ProblemException where no mail can be sent, or from somebody who does not manage the school
   */
  async invite(by: string, to: string, inviting: Inviting): Promise<OwnSchool> {
    const { schoolId } = await this.schools.managed(by);
    if (!this.mail.isThere) throw refuse(503, 'no-mail');
    await this.attempts.countWithin(`invitations of ${by}`, MOST_ASKED);
    const { token, tokenHash } = newLinkToken();
    const email = to.toLowerCase();
    const { school } = await this.schools.own(by);
    if (school?.colleagues.some((colleague) => colleague.email.toLowerCase() === email)) return { school };
    await this.database
      .getRepository(SchoolInvitationRow)
      .upsert({ id: newId(), tokenHash, schoolId, byTeacher: by, email, sentAt: new Date() }, ['schoolId', 'email']);
    const { name } = await this.database.getRepository(TeacherRow).findOneByOrFail({ id: by });
    const says = mailTexts(inviting.language);
    const facts = { name, school: school?.name ?? '', link: `${inviting.site}/school/invited/${token}` };
    await this.mail.send({ to: email, subject: says.schoolSubject(facts), text: says.schoolText(facts) });
    return this.schools.own(by);
  }

  /** Takes an invitation back: its link leads nowhere any more. */
  async takeBack(by: string, id: string): Promise<OwnSchool> {
    const { schoolId } = await this.schools.managed(by);
    await this.database.getRepository(SchoolInvitationRow).delete({ id, schoolId });
    return this.schools.own(by);
  }

  /** What a mail's link leads to. */
  async look(token: string): Promise<SchoolInvitationView> {
    const { schoolId, byTeacher } = await this.invitation(token);
    const { name } = await this.database.getRepository(SchoolRow).findOneByOrFail({ id: schoolId });
    const by = await this.database.getRepository(TeacherRow).findOneBy({ id: byTeacher ?? '' });
    return { school: name, by: by?.name ?? '' };
  }

  /** Lets in whoever follows a mail's link, once. @throws ProblemException when they are in another school */
  async accept(token: string, teacherId: string): Promise<OwnSchool> {
    const { id, schoolId } = await this.invitation(token);
    await this.audit.note({ act: 'came in by a link', by: teacherId, subject: teacherId, place: schoolId });
    await this.database.transaction(async (manager) => {
      await this.schools.enter(manager, { teacherId, schoolId, manages: false });
      // Of two who follow the link, one comes too late.
      const gone = await manager.delete(SchoolInvitationRow, { id });
      if (gone.affected === 0) throw refuse(410, 'link-is-used-up');
    });
    return this.schools.own(teacherId);
  }

  private async invitation(token: string): Promise<SchoolInvitationRow> {
    const row = await this.database.getRepository(SchoolInvitationRow).findOneBy({ tokenHash: linkTokenHash(token) });
    if (!row) throw refuse(410, 'link-is-used-up');
    return row;
  }
}
