/** Coming into a lesson: by its code, one's name, and a PIN that is set at the first visit. */
import { Join, type JoinView, type MyLessonView, plainCode } from '@gobrel/contract';
import { newId } from '@gobrel/core/deck';
import { formatDocumentName } from '@gobrel/core/shared-doc';
import { Body, Controller, Get, HttpCode, Ip, Param, Post, Res } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import type { Response } from 'express';
import { DataSource, IsNull } from 'typeorm';
import { Allow, AttemptsService, hashSecret, isSecret, SessionsService } from '../accounts/index.js';
import { ClassRow, LessonRow, ParticipantRow, StudentRow } from '../database/index.js';
import { notFound, refuse } from '../errors/index.js';
import { EditionsService, SyncService } from '../sync/index.js';
import { MyLessonService } from './my-lesson.service.js';

/** Wrong codes that one address may try within a minute: a whole class sits behind one address. */
const MOST_WRONG_CODES = 60;

@Controller('api/join')
@Allow('anyone')
export class JoinController {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly editions: EditionsService,
    private readonly sessions: SessionsService,
    private readonly attempts: AttemptsService,
    private readonly sync: SyncService,
    private readonly mine: MyLessonService,
  ) {}

  @Get(':code')
  async look(@Param('code') code: string, @Ip() address: string): Promise<JoinView> {
    const lesson = await this.openLesson(code, address);
    const [schoolClass, students, edition] = await Promise.all([
      this.database.getRepository(ClassRow).findOneBy({ id: lesson.classId }),
      this.database.getRepository(StudentRow).find({ where: { classId: lesson.classId }, order: { name: 'ASC' } }),
      this.editions.get(lesson.editionHash),
    ]);
    return {
      title: edition.title,
      className: schoolClass?.name ?? '',
      students: students.map(({ id, name, pinHash }) => ({ id, name, hasPin: pinHash !== null })),
    };
  }

  @Post()
  @HttpCode(200)
  async join(
    @Body() body: Join,
    @Ip() address: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<MyLessonView> {
    const lesson = await this.openLesson(body.code, address);
    const student = await this.database
      .getRepository(StudentRow)
      .findOneBy({ id: body.studentId, classId: lesson.classId });
    if (!student) throw notFound('name in this class');
    await this.checkPin(student, body.pin);
    const participant = await this.participant(lesson.id, student.id);
    await this.sessions.start(response, 'participant', participant.id);
    this.sync.tell(formatDocumentName({ kind: 'lesson', lessonId: lesson.id }), { news: 'participants' });
    return this.mine.view(participant.id);
  }

  private async openLesson(code: string, address: string): Promise<LessonRow> {
    const subject = `codes:${address}`;
    await this.attempts.check(subject, MOST_WRONG_CODES);
    const lesson = await this.database.getRepository(LessonRow).findOneBy({ code: plainCode(code) });
    if (!lesson) {
      await this.attempts.fail(subject);
      throw refuse(404, 'no-such-code', 'No lesson has this code. Compare it with the board, letter by letter.');
    }
    if (lesson.closedAt)
      throw refuse(410, 'lesson-closed', 'This lesson is closed. Ask your teacher whether there is another one.');
    return lesson;
  }

  private async checkPin(student: StudentRow, pin: string): Promise<void> {
    if (student.pinHash === null) {
      const pinHash = await hashSecret(pin);
      const set = await this.database
        .getRepository(StudentRow)
        .update({ id: student.id, pinHash: IsNull() }, { pinHash });
      if (set.affected === 1) return;
      throw refuse(
        409,
        'pin-just-set',
        'A PIN was set for this name a moment ago. Pick the name again and give that PIN.',
      );
    }
    const subject = `student:${student.id}`;
    await this.attempts.check(subject);
    if (await isSecret(pin, student.pinHash)) return this.attempts.clear(subject);
    await this.attempts.fail(subject);
    throw refuse(401, 'wrong-pin', 'This is not the PIN of this name. Try again, or ask your teacher for a new one.', {
      pin: 'This is not the PIN of this name.',
    });
  }

  private async participant(lessonId: string, studentId: string): Promise<ParticipantRow> {
    const participants = this.database.getRepository(ParticipantRow);
    await participants
      .createQueryBuilder()
      .insert()
      .values({ id: newId(), lessonId, studentId, joinedAt: new Date() })
      .orIgnore()
      .execute();
    return participants.findOneByOrFail({ lessonId, studentId });
  }
}
