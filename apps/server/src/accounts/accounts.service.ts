/** Accounts of teachers: making one, proving that it is one's own, and who somebody is. */
import { type NewAccount, purposeOfAccount, type SessionView, type SignIn } from '@gobrel/contract';
import { newId } from '@gobrel/core/deck';
import { Injectable } from '@nestjs/common';
import type { Response } from 'express';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { ParticipantRow, StudentRow, TeacherRow } from '../database/index.js';
import { refuse } from '../errors/index.js';
import type { Identity } from './access.js';
import { AttemptsService } from './attempts.service.js';
import { KnownDevicesService } from './known-devices.service.js';
import { isGuessable } from './password-rules.js';
import { SecretsService } from './secrets.service.js';
import { hasInserted } from '../database/has-inserted.js';

/** Accounts that may be made for nothing from one network address within a minute: a whole school sits behind one. */
const MOST_ACCOUNTS = 60;

@Injectable()
export class AccountsService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly attempts: AttemptsService,
    private readonly secrets: SecretsService,
    private readonly devices: KnownDevicesService,
  ) {}

  /**
   * Makes an account; gives the teacher's id. Refuses an e-mail address that has one already.
   * @param from the network address that asks
   */
  async create(
    { email, name, password, toll = '' }: NewAccount,
    from: string,
    cookies: string | undefined,
    response: Response,
  ): Promise<string> {
    if (isGuessable(password, { name, email })) throw refuse(422, 'not-valid', { password: 'password-guessable' });
    const payment = { purpose: purposeOfAccount(email), paid: toll };
    await this.attempts.countPaid(`accounts:${from}`, MOST_ACCOUNTS, payment);
    const id = newId();
    const passwordHash = await this.secrets.hashPassword(password, `accounts of ${from}`);
    const result = await this.database
      .createQueryBuilder()
      .insert()
      .into(TeacherRow)
      .values({ id, email, name, passwordHash })
      .orIgnore()
      .returning('id')
      .execute();
    if (!hasInserted(result)) throw refuse(409, 'address-taken', { email: 'address-taken' });
    await this.devices.remember(subjectOf(email), cookies, response);
    return id;
  }

  /**
   * The id of the teacher with this address and password. Each try counts against the address, or, where its owner is
   * known on a device, against both; the device is known from then on.
   */
  async prove({ email, password }: SignIn, cookies: string | undefined, response: Response): Promise<string> {
    const subject = subjectOf(email);
    const countedBy = await this.devices.countedBy(subject, cookies);
    await this.attempts.countTry(countedBy);
    const teacher = await this.database
      .getRepository(TeacherRow)
      .createQueryBuilder('teacher')
      .where('lower(teacher.email) = lower(:email)', { email })
      .getOne();
    if (!(await this.secrets.matches(password, teacher?.passwordHash ?? null, subject)) || !teacher) {
      throw refuse(401, 'wrong-password');
    }
    await this.attempts.clear(countedBy);
    await this.devices.remember(subject, cookies, response);
    return teacher.id;
  }

  /** Keeps the language in which a teacher wants the interface, on whatever device. */
  async speak(teacherId: string, language: string): Promise<void> {
    await this.database.getRepository(TeacherRow).update({ id: teacherId }, { language });
  }

  /** Who is signed in, with their names. */
  async whoIs({ teacherId, participant }: Identity): Promise<SessionView> {
    const teacher = teacherId ? await this.database.getRepository(TeacherRow).findOneBy({ id: teacherId }) : null;
    const student = participant
      ? await this.database
          .getRepository(StudentRow)
          .createQueryBuilder('student')
          .innerJoin(ParticipantRow, 'participant', 'participant.studentId = student.id')
          .where('participant.id = :id', { id: participant.id })
          .getOne()
      : null;
    return {
      teacher: teacher && { id: teacher.id, name: teacher.name, email: teacher.email, language: teacher.language },
      participant: participant && student && { ...participant, name: student.name },
    };
  }
}

/** What tries at a teacher's password are counted by. */
function subjectOf(email: string): string {
  return `teacher:${email.toLowerCase()}`;
}
