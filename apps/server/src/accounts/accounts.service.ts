/** Accounts of teachers: proving that one is one's own, and who somebody is. */
import type { SessionView, SignIn } from '@gobrel/contract';
import { Injectable } from '@nestjs/common';
import type { Response } from 'express';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { ParticipantRow, StudentRow, TeacherRow } from '../database/index.js';
import { refuse } from '../errors/index.js';
import type { Identity } from './access.js';
import { AttemptsService } from './attempts.service.js';
import { teacherBy } from './colleague.js';
import { KnownDevicesService } from './known-devices.service.js';
import { SecretsService } from './secrets.service.js';
import { subjectOf } from './subject.js';

@Injectable()
export class AccountsService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly attempts: AttemptsService,
    private readonly secrets: SecretsService,
    private readonly devices: KnownDevicesService,
  ) {}

  /**
   * The id of the teacher with this address and password. Each try counts against the address, or, where its owner is
   * known on a device, against both; the device is known from then on.
   */
  async prove({ email, password }: SignIn, cookies: string | undefined, response: Response): Promise<string> {
    const subject = subjectOf(email);
    const countedBy = await this.devices.countedBy(subject, cookies);
    await this.attempts.countTry(countedBy);
    const teacher = await teacherBy(this.database, email);
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
