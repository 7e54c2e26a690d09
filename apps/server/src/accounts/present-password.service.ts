/** The present password of whoever is signed in: asked again before what cannot be taken back. */
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { TeacherRow } from '../database/index.js';
import { refuse } from '../errors/index.js';
import { AttemptsService } from './attempts.service.js';
import { SecretsService } from './secrets.service.js';

@Injectable()
export class PresentPasswordService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly attempts: AttemptsService,
    private readonly secrets: SecretsService,
  ) {}

  /** The teacher whose password it is. @throws ProblemException when it is not, or was tried too often */
  async confirm(teacherId: string, present: string): Promise<TeacherRow> {
    const teacher = await this.database.getRepository(TeacherRow).findOneByOrFail({ id: teacherId });
    if (teacher.passwordHash === null) throw refuse(422, 'not-valid', { present: 'password-none' });
    const subject = `teacher:${teacher.email.toLowerCase()}`;
    await this.attempts.countTry(subject);
    if (!(await this.secrets.matches(present, teacher.passwordHash, subject)))
      throw refuse(422, 'not-valid', { present: 'password-wrong' });
    await this.attempts.clear(subject);
    return teacher;
  }
}
