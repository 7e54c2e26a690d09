/** Handing out: freezing a deck into a lesson, using one again, and changing its edition while it runs. */
import type { CorrectionView, HandOut, LessonView, PutIn } from '@gobrel/contract';
import { contentsIn, type Deck, newId, readDeck, withoutHidden } from '@gobrel/core/deck';
import { keepPutIn, type Pace, putSlideIn, readTerms } from '@gobrel/core/lesson';
import { affectedBy } from '@gobrel/core/review';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, EntityManager, In, IsNull } from 'typeorm';
import { ClassRow, LessonRow, StudentRow } from '../database/index.js';
import { LibraryService } from '../decks/index.js';
import { notFound, refuse } from '../errors/index.js';
import { ContentAccessService } from '../pictures/index.js';
import { EditionsService } from '../sync/index.js';
import { insertLesson } from './insert-lesson.js';
import { LessonsService } from './lessons.service.js';
import { WorkLockService } from './work-lock.service.js';

@Injectable()
export class HandingOutService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly library: LibraryService,
    private readonly editions: EditionsService,
    private readonly pictures: ContentAccessService,
    private readonly lessons: LessonsService,
    private readonly workLock: WorkLockService,
  ) {}

  /** Freezes a deck into an edition and opens a lesson with it. */
  async handOut(teacherId: string, order: HandOut): Promise<LessonView> {
    const deck = await this.library.present(teacherId, order.deckId);
    await this.pictures.keepFor(teacherId, contentsIn(deck));
    const terms = readTerms({ ...order.terms, ...(order.classId === null ? { guests: true, students: null } : {}) });
    await this.checkWho(teacherId, order.classId, terms.students);
    return this.open(teacherId, order.pace, {
      classId: order.classId,
      deckId: order.deckId,
      editionHash: await this.editions.freeze(withoutHidden(deck)),
      workMode: order.workMode,
      terms,
    });
  }

  /** Another lesson with the slides of one that was held, for another class, without anybody's answers. */
  async useAgain(teacherId: string, id: string, classId: string | null): Promise<LessonView> {
    const { deckId, editionHash, workMode, pace, terms } = await this.lessons.led(teacherId, id);
    await this.checkWho(teacherId, classId, null);
    const guests = classId === null ? { guests: true } : {};
    const again = readTerms({ ...readTerms(terms), ...guests, opensAt: null, dueAt: null, students: null });
    return this.open(teacherId, pace, { classId, deckId, editionHash, workMode, terms: again });
  }

  /** What would change, and for whom, if the deck as it is now replaced the edition. */
  async correction(teacherId: string, id: string): Promise<CorrectionView> {
    const lesson = await this.lessons.led(teacherId, id);
    const deck = await this.correctedDeck(teacherId, lesson);
    const works = await this.lessons.works(id);
    return { deck, affected: affectedBy(await this.editions.get(lesson.editionHash), deck, works) };
  }

  /** Replaces the edition by the deck as it is now. Work is kept by the ids of what it is about. */
  async correct(teacherId: string, id: string): Promise<LessonView> {
    const lesson = await this.lessons.led(teacherId, id);
    const deck = await this.correctedDeck(teacherId, lesson);
    await this.database.transaction((manager) => this.replace(manager, id, deck));
    return this.toldOf(teacherId, id);
  }

  /** Puts a slide with a question into a lesson that runs; the deck it came from stays as it is. */
  async putIn(teacherId: string, id: string, { after, slide }: PutIn): Promise<LessonView> {
    await this.lessons.led(teacherId, id);
    const { deck: source } = readDeck(slide);
    await this.pictures.keepFor(teacherId, contentsIn(source));
    await this.database.transaction(async (manager) => {
      // Two slides that are put in at once are both in it: the second is put into what the first one made.
      const lesson = await manager.findOneOrFail(LessonRow, { where: { id }, lock: { mode: 'pessimistic_write' } });
      const put = putSlideIn(await this.editions.get(lesson.editionHash), source, after);
      if (!put) throw refuse(422, 'no-slide');
      await manager.update(LessonRow, { id }, { putIn: [...lesson.putIn, put.slideId] });
      await this.replace(manager, id, put.edition);
    });
    return this.toldOf(teacherId, id);
  }

  private async replace(manager: EntityManager, id: string, deck: Deck): Promise<void> {
    await manager.update(LessonRow, { id }, { editionHash: await this.editions.freeze(deck, manager) });
  }

  /** Lets everybody look at a lesson whose edition is another one, and gives it. */
  private toldOf(teacherId: string, id: string): Promise<LessonView> {
    this.editions.forget(id);
    this.workLock.tell(id);
    return this.lessons.get(teacherId, id);
  }

  private async correctedDeck(teacherId: string, { deckId, editionHash, putIn }: LessonRow): Promise<Deck> {
    if (deckId === null) throw refuse(409, 'no-deck');
    const deck = await this.library.present(teacherId, deckId);
    await this.pictures.keepFor(teacherId, contentsIn(deck));
    return keepPutIn(withoutHidden(deck), await this.editions.get(editionHash), putIn);
  }

  private async checkWho(teacherId: string, classId: string | null, students: readonly string[] | null): Promise<void> {
    if (classId === null) return;
    const known = await this.database.getRepository(ClassRow).existsBy({ id: classId, teacherId, deletedAt: IsNull() });
    if (!known) throw notFound('class');
    if (students === null) return;
    const found = await this.database.getRepository(StudentRow).countBy({ classId, id: In([...students]) });
    if (students.length === 0 || found < students.length) throw refuse(422, 'no-students');
  }

  private async open(
    teacherId: string,
    pace: Pace,
    what: Pick<LessonRow, 'classId' | 'deckId' | 'editionHash' | 'workMode' | 'terms'>,
  ): Promise<LessonView> {
    const row = {
      id: newId(),
      teacherId,
      pace,
      ...what,
      openedAt: new Date(),
      closedAt: null,
      collectedFor: null,
      held: false,
      putIn: [],
      deletedAt: null,
    };
    await this.database.transaction((manager) => insertLesson(manager, row));
    return this.lessons.get(teacherId, row.id);
  }
}
