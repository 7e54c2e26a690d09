/** Seating: what a teacher does about who sits in a lesson: a new PIN, removing somebody, letting them in again. */
import type { LessonView } from '@gobrel/contract';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, IsNull } from 'typeorm';
import { AttemptsService } from '../accounts/index.js';
import { AuditService } from '../audit/index.js';
import { ParticipantRow, StudentRow } from '../database/index.js';
import { notFound, refuse } from '../errors/index.js';
import { SeatsService } from '../sync/index.js';
import { LessonsService } from './lessons.service.js';
import { WorkLockService } from './work-lock.service.js';

@Injectable()
export class SeatingService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly lessons: LessonsService,
    private readonly seats: SeatsService,
    private readonly workLock: WorkLockService,
    private readonly attempts: AttemptsService,
    private readonly audit: AuditService,
  ) {}

  /** Removes somebody: signed out at once, not in again until they are let in. What they did is kept. */
  async remove(teacherId: string, id: string, participantId: string): Promise<LessonView> {
    const row = await this.seated(teacherId, id, participantId);
    await this.audit.note({ act: 'participant put out', by: teacherId, subject: row.id, place: id });
    await this.database.getRepository(ParticipantRow).update({ id: row.id }, { removedAt: new Date() });
    await this.seats.end([row.id]);
    this.workLock.tell(id);
    return this.lessons.get(teacherId, id);
  }

  /** Lets somebody in again who was removed. */
  async restore(teacherId: string, id: string, participantId: string): Promise<LessonView> {
    const { lessonId, studentId, name } = await this.seated(teacherId, id, participantId);
    const guests = { lessonId, studentId: IsNull(), isGroup: false, removedAt: IsNull() };
    if (
      studentId === null &&
      (await this.database.getRepository(ParticipantRow).existsBy({ ...guests, name: name ?? '' }))
    )
      throw refuse(409, 'seat-taken');
    await this.audit.note({ act: 'participant let in again', by: teacherId, subject: participantId, place: id });
    await this.database.getRepository(ParticipantRow).update({ id: participantId }, { removedAt: null });
    this.workLock.tell(id);
    return this.lessons.get(teacherId, id);
  }

  /** Forgets a student's PIN: whoever sits in the seat is signed out, and a new PIN is set at the next visit. */
  async forgetPin(teacherId: string, id: string, participantId: string): Promise<void> {
    const { studentId } = await this.seated(teacherId, id, participantId);
    if (studentId === null) throw refuse(409, 'no-pin');
    await this.audit.note({ act: 'PIN forgotten', by: teacherId, subject: studentId, place: id });
    await this.database.getRepository(StudentRow).update({ id: studentId }, { pinHash: null });
    await this.attempts.forget(`student:${studentId}`);
    await this.seats.end(await this.seats.ofStudents([studentId]));
  }

  private async seated(teacherId: string, lessonId: string, id: string): Promise<ParticipantRow> {
    await this.lessons.led(teacherId, lessonId);
    const row = await this.database.getRepository(ParticipantRow).findOneBy({ id, lessonId, isGroup: false });
    if (!row) throw notFound('participant');
    return row;
  }
}
