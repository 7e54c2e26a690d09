/** A lesson from a student's side: what it is, its edition without keys, submitting and taking back. */
import type { AnswerCheck, MyLessonView } from '@gobrel/contract';
import { type Deck, newId, withoutKeysAndNotes } from '@gobrel/core/deck';
import { markWork, tellSubmitted } from '@gobrel/core/questions';
import { isAskedByLink } from '@gobrel/core/routes';
import { formatDocumentName, readWorkDocument } from '@gobrel/core/shared-doc';
import { readWork } from '@gobrel/core/work';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, type EntityManager, IsNull } from 'typeorm';
import { ClassRow, LessonRow, ParticipantRow, StudentRow, SubmissionRow } from '../database/index.js';
import { notFound, refuse } from '../errors/index.js';
import { EditionsService, SyncService } from '../sync/index.js';
import { AnswerChecksService } from './answer-checks.service.js';

@Injectable()
export class MyLessonService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly editions: EditionsService,
    private readonly sync: SyncService,
    private readonly checks: AnswerChecksService,
  ) {}

  /** The lesson as this participant sees it. */
  async view(participantId: string): Promise<MyLessonView> {
    const { participant, lesson } = await this.find(this.database.manager, participantId);
    const [student, schoolClass, edition, submission, told] = await Promise.all([
      this.database.getRepository(StudentRow).findOneByOrFail({ id: participant.studentId }),
      this.database.getRepository(ClassRow).findOneByOrFail({ id: lesson.classId }),
      this.editions.get(lesson.editionHash),
      this.standing(this.database.manager, participantId),
      this.checks.toldTo(participantId),
    ]);
    return {
      lessonId: lesson.id,
      title: edition.title,
      className: schoolClass.name,
      name: student.name,
      participantId,
      closedAt: lesson.closedAt?.toISOString() ?? null,
      held: lesson.held,
      submission: submission && { number: submission.number, submittedAt: submission.submittedAt.toISOString() },
      told: submission ? tellSubmitted(readWork(submission.work), edition) : told,
    };
  }

  /** The edition without answer keys and speaker notes. */
  async edition(participantId: string): Promise<Deck> {
    const { lesson } = await this.find(this.database.manager, participantId);
    return withoutKeysAndNotes(await this.editions.get(lesson.editionHash));
  }

  /**
   * Whether the participant has answered something right, by their work as it is on the server. Only for what a link
   * of the edition goes by: everything else is told when the teacher wants it told.
   */
  async check(participantId: string, itemId: string): Promise<AnswerCheck> {
    const { lesson } = await this.find(this.database.manager, participantId);
    const edition = await this.editions.get(lesson.editionHash);
    if (!isAskedByLink(edition, itemId)) throw notFound('question');
    const name = formatDocumentName({ kind: 'work', lessonId: lesson.id, participantId });
    const mark = markWork(edition, readWorkDocument(await this.sync.read(name))).items[itemId];
    return { right: mark?.verdict === 'right' };
  }

  /**
   * Tells how answers stand, by the work as it is on the server. Each look at another answer is one of the attempts of
   * its question; asking again about the same one is not.
   */
  async tell(participantId: string, itemIds: readonly string[]): Promise<MyLessonView> {
    const { lesson } = await this.find(this.database.manager, participantId);
    if (lesson.closedAt) throw closed();
    const edition = await this.editions.get(lesson.editionHash);
    const name = formatDocumentName({ kind: 'work', lessonId: lesson.id, participantId });
    await this.database.transaction(async (manager) => {
      await this.find(manager, participantId, true);
      if (await this.standing(manager, participantId)) return;
      const work = readWorkDocument(await this.sync.read(name));
      await this.checks.check(manager, { participantId, edition, work, itemIds });
    });
    return this.view(participantId);
  }

  /**
   * Submits the participant's work as it is on the server. Answers only after the transaction is committed.
   * Repeating it with the same key, or submitting twice at once, leaves one submission.
   */
  async submit(participantId: string, key: string): Promise<MyLessonView> {
    const { lesson } = await this.find(this.database.manager, participantId);
    const edition = await this.editions.get(lesson.editionHash);
    const name = formatDocumentName({ kind: 'work', lessonId: lesson.id, participantId });
    await this.database.transaction(async (manager) => {
      const { lesson: locked } = await this.find(manager, participantId, true);
      if (await manager.existsBy(SubmissionRow, { participantId, key })) return;
      if (await this.standing(manager, participantId)) return;
      if (locked.closedAt) throw closed();
      const work = readWorkDocument(await this.sync.read(name));
      const number = (await manager.countBy(SubmissionRow, { participantId })) + 1;
      await manager.insert(SubmissionRow, {
        id: newId(),
        participantId,
        number,
        key,
        work: work as object,
        marks: markWork(edition, work) as object,
        editionHash: lesson.editionHash,
        submittedAt: new Date(),
        takenBackAt: null,
      });
    });
    this.sync.setWriting(name, false);
    this.sync.tell(formatDocumentName({ kind: 'lesson', lessonId: lesson.id }), { news: 'participants' });
    return this.view(participantId);
  }

  /** Takes the standing submission back, so that the student can go on. */
  async reopen(participantId: string): Promise<MyLessonView> {
    const { lesson } = await this.find(this.database.manager, participantId);
    if (lesson.closedAt) throw closed();
    await this.database
      .getRepository(SubmissionRow)
      .update({ participantId, takenBackAt: IsNull() }, { takenBackAt: new Date() });
    this.sync.setWriting(formatDocumentName({ kind: 'work', lessonId: lesson.id, participantId }), !lesson.held);
    this.sync.tell(formatDocumentName({ kind: 'lesson', lessonId: lesson.id }), { news: 'participants' });
    return this.view(participantId);
  }

  private standing(manager: EntityManager, participantId: string): Promise<SubmissionRow | null> {
    return manager.findOneBy(SubmissionRow, { participantId, takenBackAt: IsNull() });
  }

  private async find(manager: EntityManager, participantId: string, lock = false) {
    const participant = await manager.findOne(ParticipantRow, {
      where: { id: participantId },
      ...(lock ? { lock: { mode: 'pessimistic_write' as const } } : {}),
    });
    const lesson = participant && (await manager.findOneBy(LessonRow, { id: participant.lessonId }));
    if (!participant || !lesson) throw notFound('lesson');
    return { participant, lesson };
  }
}

function closed() {
  return refuse(409, 'lesson-closed', 'This lesson is closed, so nothing can be changed in it any more.');
}
