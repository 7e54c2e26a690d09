/** Creating an account, signing in and out, and who is signed in. */
import { NewAccount, SignIn, type SessionView } from '@gobrel/contract';
import { newId } from '@gobrel/core/deck';
import { Body, Controller, Delete, Get, HttpCode, Post, Req, Res } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import type { Response } from 'express';
import { DataSource } from 'typeorm';
import { ParticipantRow, StudentRow, TeacherRow } from '../database/index.js';
import { refuse } from '../errors/index.js';
import { Allow, type IdentifiedRequest } from './access.js';
import { AttemptsService } from './attempts.service.js';
import { hashSecret, isSecret } from './secrets.js';
import { SessionsService } from './sessions.service.js';

@Controller('api')
export class AccountsController {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly sessions: SessionsService,
    private readonly attempts: AttemptsService,
  ) {}

  @Post('accounts')
  @Allow('anyone')
  async create(@Body() body: NewAccount, @Res({ passthrough: true }) response: Response): Promise<void> {
    const id = newId();
    const passwordHash = await hashSecret(body.password);
    const result = await this.database
      .createQueryBuilder()
      .insert()
      .into(TeacherRow)
      .values({ id, email: body.email, name: body.name, passwordHash })
      .orIgnore()
      .returning('id')
      .execute();
    if ((result.raw as unknown[]).length === 0) {
      const words = 'There is an account with this address already. Sign in, or take another address.';
      throw refuse(409, 'address-taken', words, { email: words });
    }
    await this.sessions.start(response, 'teacher', id);
  }

  @Post('session')
  @HttpCode(204)
  @Allow('anyone')
  async signIn(@Body() body: SignIn, @Res({ passthrough: true }) response: Response): Promise<void> {
    const subject = `teacher:${body.email.toLowerCase()}`;
    await this.attempts.count(subject);
    const teacher = await this.database
      .getRepository(TeacherRow)
      .createQueryBuilder('teacher')
      .where('lower(teacher.email) = lower(:email)', { email: body.email })
      .getOne();
    if (!(await isSecret(body.password, teacher?.passwordHash ?? null)) || !teacher) {
      throw refuse(401, 'wrong-password', 'The address and the password do not go together. Check both and try again.');
    }
    await this.attempts.clear(subject);
    await this.sessions.start(response, 'teacher', teacher.id);
  }

  @Delete('session')
  @HttpCode(204)
  @Allow('anyone')
  async signOut(@Req() request: IdentifiedRequest, @Res({ passthrough: true }) response: Response): Promise<void> {
    await this.sessions.end(request.headers.cookie, response, 'teacher');
  }

  @Delete('session/student')
  @HttpCode(204)
  @Allow('anyone')
  async leave(@Req() request: IdentifiedRequest, @Res({ passthrough: true }) response: Response): Promise<void> {
    await this.sessions.end(request.headers.cookie, response, 'participant');
  }

  @Get('session')
  @Allow('anyone')
  async current(@Req() request: IdentifiedRequest): Promise<SessionView> {
    const { teacherId, participant } = request.identity ?? { teacherId: null, participant: null };
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
