/** Reviewing: what a teacher says to work, giving it back for another try, giving it free, and the gradebook. */
import type { GradebookView, LessonReviews, LessonView, ReviewView, UndoReturn } from '@gobrel/contract';
import { byName, namesApart } from '@gobrel/core/lesson';
import { emptyReview, type GradedLesson, marksWith, readReview, type Result } from '@gobrel/core/review';
import { readWork } from '@gobrel/core/work';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In, IsNull, type Repository } from 'typeorm';
import { ClassRow, LessonRow, ParticipantRow, ReviewRow, StudentRow, SubmissionRow } from '../database/index.js';
import { notFound, refuse } from '../errors/index.js';
import { EditionsService } from '../sync/index.js';
import { LessonsService } from './lessons.service.js';
import { ParticipantsService } from './participants.service.js';
import { WorkLockService } from './work-lock.service.js';

/** Hears of marks that are released. */
type ReleaseListener = (lessonId: string, participantIds: readonly string[]) => Promise<void>;

@Injectable()
export class ReviewsService {
  private readonly listeners = new Set<ReleaseListener>();

  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly lessons: LessonsService,
    private readonly participants: ParticipantsService,
    private readonly editions: EditionsService,
    private readonly workLock: WorkLockService,
  ) {}

  /** Calls `listener` whenever marks of some participants are released, or change afterwards. */
  onRelease(listener: ReleaseListener): void {
    this.listeners.add(listener);
  }

  /** What students reached in a lesson who work as some of its participants, by their ids. */
  async resultsOf(lessonId: string, participantIds: readonly string[]): Promise<Readonly<Record<string, Result>>> {
    const lesson = await this.database.getRepository(LessonRow).findOneByOrFail({ id: lessonId });
    const joined = await this.database.getRepository(ParticipantRow).findBy([
      { lessonId, id: In([...participantIds]), removedAt: IsNull() },
      { lessonId, worksIn: In([...participantIds]), removedAt: IsNull() },
    ]);
    return (await this.graded([lesson], joined))[0]?.results ?? {};
  }

  /** What was said to everybody's work. */
  async list(teacherId: string, lessonId: string): Promise<LessonReviews> {
    await this.lessons.led(teacherId, lessonId);
    const ids = await this.participants.workIds(lessonId);
    const rows = await this.database.getRepository(ReviewRow).findBy({ participantId: In(ids) });
    return Object.fromEntries(rows.map((row) => [row.participantId, viewOf(row)]));
  }

  /** Keeps what is said to somebody's work. */
  async keep(teacherId: string, lessonId: string, participantId: string, review: unknown): Promise<ReviewView> {
    await this.checkIn(teacherId, lessonId, [participantId]);
    const row = { participantId, review: readReview(review) as object };
    await this.database.getRepository(ReviewRow).upsert(row, ['participantId']);
    this.workLock.tell(lessonId);
    const kept = await this.database.getRepository(ReviewRow).findOneByOrFail({ participantId });
    if (kept.releasedAt) await this.tellReleased(lessonId, [participantId]);
    return viewOf(kept);
  }

  /** Gives work back for another try: what was submitted stays known, and what was said can be seen. */
  async giveBack(teacherId: string, lessonId: string, participantId: string): Promise<LessonView> {
    await this.checkIn(teacherId, lessonId, [participantId]);
    const now = new Date();
    await this.database.transaction(async (manager) => {
      await manager.update(SubmissionRow, { participantId, takenBackAt: IsNull() }, { takenBackAt: now });
      await insertEmpty(manager.getRepository(ReviewRow), participantId);
      await manager.update(ReviewRow, { participantId }, { returnedAt: now, releasedAt: now });
    });
    await this.workLock.settleOne(lessonId, participantId);
    this.workLock.tell(lessonId);
    return this.lessons.get(teacherId, lessonId);
  }

  /** Undoes the last return: the submission stands again, unless the student has submitted anew since. */
  async undoReturn(
    teacherId: string,
    lessonId: string,
    participantId: string,
    before: UndoReturn,
  ): Promise<LessonView> {
    await this.checkIn(teacherId, lessonId, [participantId]);
    const dateOf = (time: string | null) => (time === null ? null : new Date(time));
    await this.database.transaction(async (manager) => {
      await manager.findOne(ParticipantRow, { where: { id: participantId }, lock: { mode: 'pessimistic_write' } });
      const last = await manager.findOne(SubmissionRow, { where: { participantId }, order: { number: 'DESC' } });
      const review = await manager.findOneBy(ReviewRow, { participantId });
      if (!last?.takenBackAt || !review?.returnedAt || last.takenBackAt < review.returnedAt)
        throw refuse(409, 'went-on');
      await manager.update(SubmissionRow, { id: last.id }, { takenBackAt: null });
      await manager.update(
        ReviewRow,
        { participantId },
        { releasedAt: dateOf(before.releasedAt), returnedAt: dateOf(before.returnedAt) },
      );
    });
    await this.workLock.settleOne(lessonId, participantId);
    this.workLock.tell(lessonId);
    return this.lessons.get(teacherId, lessonId);
  }

  /** Lets students see marks and comments; everybody who submitted when nobody is named. */
  async release(teacherId: string, lessonId: string, named: readonly string[] | undefined): Promise<LessonView> {
    if (named) await this.checkIn(teacherId, lessonId, named);
    const { participants } = await this.lessons.get(teacherId, lessonId);
    const all = participants.flatMap(({ participantId, submission }) =>
      participantId !== null && submission ? [participantId] : [],
    );
    const released = [...(named ?? all)];
    await this.database.transaction(async (manager) => {
      const reviews = manager.getRepository(ReviewRow);
      for (const participantId of released) await insertEmpty(reviews, participantId);
      await reviews.update({ participantId: In(released) }, { releasedAt: new Date() });
    });
    this.workLock.tell(lessonId);
    await this.tellReleased(lessonId, released);
    return this.lessons.get(teacherId, lessonId);
  }

  /** Everybody's results in all lessons that a class had: of what was submitted last, by keys and what was overruled. */
  async gradebook(teacherId: string, classId: string): Promise<GradebookView> {
    const schoolClass = await this.database.getRepository(ClassRow).findOneBy({ id: classId, teacherId });
    if (!schoolClass) throw notFound('class');
    if (schoolClass.deletedAt) throw refuse(410, 'class-deleted');
    const students = await this.database.getRepository(StudentRow).findBy({ classId });
    const names = namesApart(students);
    const joined = await this.database
      .getRepository(ParticipantRow)
      .findBy({ studentId: In(students.map(({ id }) => id)), removedAt: IsNull() });
    const lessons = await this.database.getRepository(LessonRow).find({
      where: [
        { teacherId, classId, deletedAt: IsNull() },
        { teacherId, id: In(joined.map(({ lessonId }) => lessonId)), deletedAt: IsNull() },
      ],
      order: { openedAt: 'ASC' },
    });
    return {
      className: schoolClass.name,
      roster: schoolClass.roster,
      students: byName(students.map(({ id, name, rosterId }) => ({ id, name: names.get(id) ?? name, rosterId }))),
      lessons: await this.graded(lessons, joined),
    };
  }

  /** The results of lessons, from what was submitted last; everything is read together. */
  private async graded(lessons: readonly LessonRow[], joined: readonly ParticipantRow[]): Promise<GradedLesson[]> {
    const ids = joined.map(({ id, worksIn }) => worksIn ?? id);
    const [editions, submissions, reviews] = await Promise.all([
      this.editions.getAll(lessons.map(({ editionHash }) => editionHash)),
      this.database.getRepository(SubmissionRow).find({ where: { participantId: In(ids) }, order: { number: 'ASC' } }),
      this.database.getRepository(ReviewRow).findBy({ participantId: In(ids) }),
    ]);
    const lastOf = new Map(submissions.map((row) => [row.participantId, row]));
    const reviewOf = new Map(reviews.map(({ participantId, review }) => [participantId, review]));
    return lessons.flatMap((lesson): GradedLesson[] => {
      const edition = editions.get(lesson.editionHash);
      if (!edition) return [];
      const here = joined.filter(({ lessonId }) => lessonId === lesson.id);
      const results = here.flatMap(({ id, worksIn, studentId }): [string, Result][] => {
        const workId = worksIn ?? id;
        const last = lastOf.get(workId);
        if (!last || studentId === null) return [];
        const { points, outOf, unmarked } = marksWith(readReview(reviewOf.get(workId)), edition, readWork(last.work));
        return [[studentId, { points, outOf, unmarked }]];
      });
      const { id, openedAt } = lesson;
      return [{ id, title: edition.title, openedAt: openedAt.toISOString(), results: Object.fromEntries(results) }];
    });
  }

  private async tellReleased(lessonId: string, participantIds: readonly string[]): Promise<void> {
    for (const listener of this.listeners) await listener(lessonId, participantIds);
  }

  private async checkIn(teacherId: string, lessonId: string, participantIds: readonly string[]): Promise<void> {
    await this.lessons.led(teacherId, lessonId);
    const known = await this.participants.workIds(lessonId);
    if (participantIds.some((id) => !known.includes(id))) throw notFound('participant');
  }
}

function viewOf({ review, releasedAt, returnedAt }: ReviewRow): ReviewView {
  return {
    review: readReview(review),
    releasedAt: releasedAt?.toISOString() ?? null,
    returnedAt: returnedAt?.toISOString() ?? null,
  };
}

/** Sees to it that there is a review, with nothing said when there was none. */
async function insertEmpty(reviews: Repository<ReviewRow>, participantId: string): Promise<void> {
  await reviews
    .createQueryBuilder()
    .insert()
    .values({ participantId, review: emptyReview as object, releasedAt: null, returnedAt: null })
    .orIgnore()
    .execute();
}
