/** Accounts of teachers: making one, proving that it is one's own, and who somebody is. */
import type { NewAccount, SessionView, SignIn } from '@gobrel/contract';
import { newId } from '@gobrel/core/deck';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { ParticipantRow, StudentRow, TeacherRow } from '../database/index.js';
import { refuse } from '../errors/index.js';
import type { Identity } from './access.js';
import { AttemptsService } from './attempts.service.js';
import { hashSecret, isSecret } from './secrets.js';
import { hasInserted } from '../database/has-inserted.js';

@Injectable()
export class AccountsService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly attempts: AttemptsService,
  ) {}

  /** Makes an account; gives the teacher's id. Refuses an address that has one already. */
  async create({ email, name, password }: NewAccount): Promise<string> {
    const id = newId();
    const passwordHash = await hashSecret(password);
    const result = await this.database
      .createQueryBuilder()
      .insert()
      .into(TeacherRow)
      .values({ id, email, name, passwordHash })
      .orIgnore()
      .returning('id')
      .execute();
    if (hasInserted(result)) return id;
    throw refuse(409, 'address-taken', { email: 'address-taken' });
  }

  /** The id of the teacher with this address and password; each try counts against the address. */
  async prove({ email, password }: SignIn): Promise<string> {
    const subject = `teacher:${email.toLowerCase()}`;
    await this.attempts.count(subject);
    const teacher = await this.database
      .getRepository(TeacherRow)
      .createQueryBuilder('teacher')
      .where('lower(teacher.email) = lower(:email)', { email })
      .getOne();
    if (!(await isSecret(password, teacher?.passwordHash ?? null)) || !teacher) {
      throw refuse(401, 'wrong-password');
    }
    await this.attempts.clear(subject);
    return teacher.id;
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
      teacher: teacher && { id: teacher.id, name: teacher.name, email: teacher.email },
      participant: participant && student && { ...participant, name: student.name },
    };
  }
}
