/** Lessons out of a backup: made here as they were when they ended, with everybody's work. Each part is checked like any other. */
import type { LessonToRestore, LessonView, RestoredWork, SubmissionToRestore, WorkToRestore } from '@gobrel/contract';
import { applyChanges, contentsIn, newId, readDeck, withoutPictures } from '@gobrel/core/deck';
import { readTerms } from '@gobrel/core/lesson';
import { markWork } from '@gobrel/core/questions';
import { readReview } from '@gobrel/core/review';
import { encodeWork, formatDocumentName } from '@gobrel/core/shared-doc';
import { applyWorkChanges, bringIn, emptyWork, readWork, type Work } from '@gobrel/core/work';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In, IsNull } from 'typeorm';
import { AuditService } from '../audit/index.js';
import {
  ClassRow,
  type LessonRow,
  ParticipantRow,
  ReviewRow,
  SharedDocumentRow,
  StudentRow,
  SubmissionRow,
} from '../database/index.js';
import { notFound, refuse } from '../errors/index.js';
import { ContentAccessService } from '../pictures/index.js';
import { EditionsService } from '../sync/index.js';
import { insertLesson } from './insert-lesson.js';
import { LessonsService } from './lessons.service.js';

@Injectable()
export class RestoringService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly lessons: LessonsService,
    private readonly editions: EditionsService,
    private readonly contents: ContentAccessService,
    private readonly audit: AuditService,
  ) {}

  /** A lesson as it was, ended; pictures that are somebody else's are left out of its slides. */
  async lesson(teacherId: string, told: LessonToRestore): Promise<LessonView> {
    const { classId, workMode } = told;
    if (classId !== null) {
      const isMine = { id: classId, teacherId, deletedAt: IsNull() };
      if (!(await this.database.getRepository(ClassRow).existsBy(isMine))) throw notFound('class');
    }
    const { deck } = readDeck(told.edition);
    const refused = await this.contents.keepFor(teacherId, contentsIn(deck));
    const editionHash = await this.editions.freeze(applyChanges(deck, withoutPictures(deck, refused)));
    const openedAt = new Date(told.openedAt);
    const row = {
      ...{ id: newId(), teacherId, classId, deckId: null, editionHash, workMode, pace: 'own-pace' as const },
      ...{ terms: { ...readTerms(told.terms), students: null }, openedAt, closedAt: new Date() },
      ...{ collectedFor: null, held: false, putIn: [], deletedAt: null },
    };
    await this.audit.note({ act: 'lesson restored', by: teacherId, place: row.id });
    await this.database.transaction((manager) => insertLesson(manager, row));
    return this.lessons.get(teacherId, row.id);
  }

  /** Somebody's work in a restored lesson, and what was said to it. What does not fit its slides is left out. */
  async work(teacherId: string, lessonId: string, told: WorkToRestore): Promise<RestoredWork> {
    const lesson = await this.restored(teacherId, lessonId);
    const edition = await this.editions.get(lesson.editionHash);
    const students = await this.database
      .getRepository(StudentRow)
      .findBy({ id: In(told.studentIds), classId: lesson.classId ?? '' });
    if (students.length < told.studentIds.length) throw notFound('student');
    const work = fitting(edition, told.work);
    const [only] = students;
    const isAlone = students.length === 1;
    const joinedAt = lesson.openedAt;
    const owner = {
      ...{ id: newId(), lessonId, joinedAt, worksIn: null, isGroup: students.length > 1 },
      ...{ studentId: isAlone ? (only?.id ?? null) : null, name: isAlone ? null : told.name },
    };
    await this.database.transaction(async (manager) => {
      const made = await manager
        .createQueryBuilder()
        .insert()
        .into(ParticipantRow)
        .values(owner)
        .orIgnore()
        .returning('id')
        .execute();
      // It was restored before, or there are two of a name.
      if (made.raw.length === 0) throw refuse(409, 'name-in-use');
      if (!isAlone)
        await manager.insert(
          ParticipantRow,
          students.map(({ id: studentId }) => ({
            ...{ id: newId(), lessonId, studentId, name: null, isGroup: false },
            ...{ worksIn: owner.id, joinedAt },
          })),
        );
      await manager.insert(SharedDocumentRow, {
        name: formatDocumentName({ kind: 'work', lessonId, participantId: owner.id }),
        state: Buffer.from(encodeWork(work)),
        snapshot: work as object,
        updatedAt: joinedAt,
      });
      const review = readReview(told.review);
      const releasedAt = told.releasedAt === null ? null : new Date(told.releasedAt);
      if (releasedAt || review.comments.length > 0 || Object.keys(review.overruled).length > 0)
        await manager.insert(ReviewRow, {
          ...{ participantId: owner.id, review: review as object, releasedAt, returnedAt: null },
        });
    });
    return { participantId: owner.id };
  }

  /** A submission of somebody's in a restored lesson, the next one; marked here by the keys of the slides. */
  async submission(
    teacherId: string,
    lessonId: string,
    participantId: string,
    told: SubmissionToRestore,
  ): Promise<void> {
    const lesson = await this.restored(teacherId, lessonId);
    const isHere = { id: participantId, lessonId };
    if (!(await this.database.getRepository(ParticipantRow).existsBy(isHere))) throw notFound('participant');
    const edition = await this.editions.get(lesson.editionHash);
    const work = fitting(edition, told.work);
    const submissions = this.database.getRepository(SubmissionRow);
    const number = (await submissions.countBy({ participantId })) + 1;
    await submissions.insert({
      ...{ id: newId(), participantId, number, key: `restored-${number}`, editionHash: lesson.editionHash },
      ...{ work: work as object, marks: markWork(edition, work) as object },
      submittedAt: new Date(told.submittedAt),
      takenBackAt: told.takenBackAt === null ? null : new Date(told.takenBackAt),
    });
  }

  /** A lesson that was restored and not begun again: nobody's work of today is among what comes. */
  private async restored(teacherId: string, lessonId: string): Promise<LessonRow> {
    const lesson = await this.lessons.led(teacherId, lessonId);
    if (lesson.closedAt === null || lesson.deckId !== null) throw refuse(409, 'not-allowed');
    return lesson;
  }
}

/** Work with what fits an edition. */
function fitting(edition: Parameters<typeof bringIn>[0], told: unknown): Work {
  return applyWorkChanges(emptyWork, bringIn(edition, emptyWork, readWork(told)).changes);
}
