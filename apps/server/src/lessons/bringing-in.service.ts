/** Bringing in work that was done elsewhere: in a show file, without a network. It is checked like any other. */
import type { BroughtWork, WorkFromElsewhere } from '@gobrel/contract';
import { formatDocumentName, readWorkDocument, writeWorkChanges } from '@gobrel/core/shared-doc';
import { bringIn, readWork } from '@gobrel/core/work';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { AuditService } from '../audit/index.js';
import { type LessonRow, ParticipantRow } from '../database/index.js';
import { notFound, refuse } from '../errors/index.js';
import { EditionsService, SyncService } from '../sync/index.js';
import { LessonsService } from './lessons.service.js';
import { ParticipantsService } from './participants.service.js';
import { WorkLockService } from './work-lock.service.js';

@Injectable()
export class BringingInService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly lessons: LessonsService,
    private readonly participants: ParticipantsService,
    private readonly editions: EditionsService,
    private readonly sync: SyncService,
    private readonly workLock: WorkLockService,
    private readonly audit: AuditService,
  ) {}

  /**
   * Brings work into a line of the board. Whoever has not been in yet is in from then on; nothing that is there already goes.
   * @throws ProblemException when there is no such line, or its work is submitted
   */
  async bringIn(teacherId: string, lessonId: string, { key, work }: WorkFromElsewhere): Promise<BroughtWork> {
    const lesson = await this.lessons.led(teacherId, lessonId);
    const participant = await this.participantOf(lesson, key);
    const workId = participant.worksIn ?? participant.id;
    const lines = await this.participants.list(lesson);
    if (lines.some(({ participantId, submission }) => participantId === workId && submission !== null))
      throw refuse(409, 'is-submitted');
    await this.audit.note({ act: 'work brought in', by: teacherId, subject: participant.id, place: lessonId });
    const edition = await this.editions.get(lesson.editionHash);
    const name = formatDocumentName({ kind: 'work', lessonId, participantId: workId });
    let brought: BroughtWork = { taken: 0, kept: 0, unfit: 0 };
    await this.sync.change(name, (doc) => {
      const { changes, ...counts } = bringIn(edition, readWorkDocument(doc), readWork(work));
      brought = counts;
      writeWorkChanges(doc, changes);
    });
    this.workLock.tell(lessonId);
    return brought;
  }

  /** Who is in a line of the board: a student of the class by their id, anybody else by their participant's. */
  private async participantOf(lesson: LessonRow, key: string): Promise<ParticipantRow> {
    const student = await this.participants.invitedStudent(lesson, key);
    if (student) return this.participants.enter(lesson, student);
    const known = await this.database.getRepository(ParticipantRow).findOneBy({ id: key, lessonId: lesson.id });
    if (!known || known.removedAt !== null) throw notFound('participant');
    return known;
  }
}
