/** Lessons as their teacher runs them: who is in, how it stands, holding, closing, opening again. */
import type { ChangeTerms, LessonMarks, LessonSummary, LessonView } from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import { readTerms } from '@gobrel/core/lesson';
import { emptyReview, marksWith, readReview } from '@gobrel/core/review';
import { formatDocumentName, readWorkDocument } from '@gobrel/core/shared-doc';
import { type Recording, type Work, withoutBytes } from '@gobrel/core/work';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In } from 'typeorm';
import { LessonRow, ReviewRow } from '../database/index.js';
import { coverOf } from '../decks/index.js';
import { notFound, refuse } from '../errors/index.js';
import { EditionsService, SyncService } from '../sync/index.js';
import { CollectingService } from './collecting.service.js';
import { ParticipantsService } from './participants.service.js';
import { WorkLockService } from './work-lock.service.js';

@Injectable()
export class LessonsService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly editions: EditionsService,
    private readonly sync: SyncService,
    private readonly participants: ParticipantsService,
    private readonly workLock: WorkLockService,
    private readonly collecting: CollectingService,
  ) {}

  /** A teacher's lessons, running ones first, then the newest first. */
  async list(teacherId: string): Promise<LessonSummary[]> {
    const lessons = await this.database
      .getRepository(LessonRow)
      .createQueryBuilder('lesson')
      .where('lesson.teacherId = :teacherId AND lesson.deletedAt IS NULL', { teacherId })
      .orderBy('lesson.closedAt', 'DESC', 'NULLS FIRST')
      .addOrderBy('lesson.openedAt', 'DESC')
      .getMany();
    const [people, classNames, editions] = await Promise.all([
      this.participants.listAll(lessons),
      this.participants.classNames(lessons),
      this.editions.getAll(lessons.map(({ editionHash }) => editionHash)),
    ]);
    return lessons.flatMap((lesson): LessonSummary[] => {
      const edition = editions.get(lesson.editionHash);
      const participants = people.get(lesson.id) ?? [];
      if (!edition) return [];
      return [
        {
          id: lesson.id,
          title: edition.title,
          classId: lesson.classId,
          className: classNames.get(lesson.classId ?? '') ?? '',
          code: lesson.code,
          openedAt: lesson.openedAt.toISOString(),
          closedAt: lesson.closedAt?.toISOString() ?? null,
          students: participants.length,
          joined: participants.filter(({ participantId }) => participantId !== null).length,
          submitted: participants.filter(({ submission }) => submission !== null).length,
          cover: coverOf(edition),
        },
      ];
    });
  }

  /** A lesson with everybody of its class. */
  async get(teacherId: string, id: string): Promise<LessonView> {
    return this.view(await this.led(teacherId, id));
  }

  /** The edition with its answer keys, for the teacher. */
  async edition(teacherId: string, id: string): Promise<Deck> {
    return this.editions.get((await this.led(teacherId, id)).editionHash);
  }

  /** Everybody's present work with its marks. */
  async marks(teacherId: string, id: string): Promise<LessonMarks> {
    const lesson = await this.led(teacherId, id);
    const edition = await this.editions.get(lesson.editionHash);
    const works = await this.works(id);
    const reviews = await this.database
      .getRepository(ReviewRow)
      .findBy({ participantId: In(works.map(({ participantId }) => participantId)) });
    const reviewOf = new Map(reviews.map(({ participantId, review }) => [participantId, readReview(review)]));
    return Object.fromEntries(
      works.map(({ participantId, work }) => [
        participantId,
        {
          work: withoutBytes(work),
          marks: marksWith(reviewOf.get(participantId) ?? emptyReview, edition, work),
        },
      ]),
    );
  }

  /** Everybody's present work, sounds included. */
  async works(lessonId: string): Promise<{ participantId: string; work: Work }[]> {
    const ids = await this.participants.workIds(lessonId);
    return Promise.all(
      ids.map(async (participantId) => {
        const name = formatDocumentName({ kind: 'work', lessonId, participantId });
        return { participantId, work: readWorkDocument(await this.sync.read(name)) };
      }),
    );
  }

  /** What a participant spoke to answer a question. */
  async sound(teacherId: string, id: string, participantId: string, itemId: string): Promise<Recording> {
    await this.led(teacherId, id);
    const name = formatDocumentName({ kind: 'work', lessonId: id, participantId });
    const answer = readWorkDocument(await this.sync.read(name)).answers[itemId];
    if (answer?.kind !== 'sound' || answer.bytes === '') throw notFound('sound');
    return answer;
  }

  /** Holds answers, so that nobody changes any for the moment, or lets them be changed again. */
  async hold(teacherId: string, id: string, held: boolean): Promise<LessonView> {
    const lesson = await this.led(teacherId, id);
    if (lesson.closedAt === null && lesson.held !== held) {
      await this.database.getRepository(LessonRow).update({ id }, { held });
      await this.workLock.settle(id);
    }
    return this.get(teacherId, id);
  }

  /** Changes some of the terms of a lesson. */
  async changeTerms(teacherId: string, id: string, change: ChangeTerms): Promise<LessonView> {
    const lesson = await this.led(teacherId, id);
    const terms = readTerms({ ...readTerms(lesson.terms), ...change.terms });
    await this.database.getRepository(LessonRow).update({ id }, { terms: terms as object });
    await this.collecting.giveBack(lesson, terms);
    await this.workLock.settle(id);
    return this.get(teacherId, id);
  }

  /** Closes a lesson: work stays as it is, and can be looked at. Or opens it again: everybody goes on where they were. */
  async setClosed(teacherId: string, id: string, isClosed: boolean): Promise<LessonView> {
    const lesson = await this.led(teacherId, id);
    if ((lesson.closedAt !== null) !== isClosed) {
      await this.database.getRepository(LessonRow).update({ id }, { closedAt: isClosed ? new Date() : null });
      await this.workLock.settle(id);
    }
    return this.get(teacherId, id);
  }

  /** A teacher's own lesson; throws when it is not, or is in the bin. */
  async led(teacherId: string, id: string): Promise<LessonRow> {
    const lesson = await this.database.getRepository(LessonRow).findOneBy({ id, teacherId });
    if (!lesson) throw notFound('lesson');
    if (lesson.deletedAt) throw refuse(410, 'lesson-deleted');
    return lesson;
  }

  private async view(lesson: LessonRow): Promise<LessonView> {
    const [className, participants, removed, edition] = await Promise.all([
      this.participants.classNameOf(lesson),
      this.participants.list(lesson),
      this.participants.removed(lesson),
      this.editions.get(lesson.editionHash),
    ]);
    return {
      id: lesson.id,
      title: edition.title,
      classId: lesson.classId,
      className,
      deckId: lesson.deckId,
      edition: lesson.editionHash,
      code: lesson.code,
      workMode: lesson.workMode,
      terms: readTerms(lesson.terms),
      openedAt: lesson.openedAt.toISOString(),
      closedAt: lesson.closedAt?.toISOString() ?? null,
      held: lesson.held,
      participants,
      removed,
    };
  }
}
