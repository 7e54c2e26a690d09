/**
 * Collecting: once the time of a lesson is over for good, what is there counts as handed in. Nobody loses a sentence for
 * not having pressed a button in time.
 */
import { newId } from '@gobrel/core/deck';
import { isOver, type LessonTerms, ON_ITS_WAY, readTerms } from '@gobrel/core/lesson';
import { markWork } from '@gobrel/core/questions';
import { formatDocumentName, readWorkDocument } from '@gobrel/core/shared-doc';
import { filledItems } from '@gobrel/core/work';
import { Injectable, Logger, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, type EntityManager, IsNull } from 'typeorm';
import { BusService } from '../bus/index.js';
import { LessonRow, ParticipantRow, SubmissionRow, unlessElsewhere } from '../database/index.js';
import { EditionsService, SyncService } from '../sync/index.js';
import { collectedKey } from './collected.js';
import { ParticipantsService } from './participants.service.js';
import { WorkLockService } from './work-lock.service.js';

/** How often it is looked whether a lesson's time is over, in milliseconds. */
const LOOK_EVERY = 1000;

/** By when every process has heard that work is shut, and what it took before is on disk; in milliseconds. */
const SHUT_EVERYWHERE_MS = 500;

@Injectable()
export class CollectingService implements OnApplicationBootstrap, OnApplicationShutdown {
  private readonly log = new Logger('Collecting');
  private looking: ReturnType<typeof setTimeout> | undefined;

  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly editions: EditionsService,
    private readonly participants: ParticipantsService,
    private readonly sync: SyncService,
    private readonly workLock: WorkLockService,
    private readonly bus: BusService,
  ) {}

  onApplicationBootstrap(): void {
    this.lookAgain();
  }

  onApplicationShutdown(): void {
    clearTimeout(this.looking);
  }

  /** Gives collected work back: the time was over, and is not any more. */
  async giveBack(lesson: LessonRow, terms: LessonTerms): Promise<void> {
    if (lesson.collectedFor === null || isOver(terms, Date.now())) return;
    await this.database.transaction(async (manager) => {
      await manager.query(
        `DELETE FROM submission USING participant
         WHERE participant.id = submission.participant_id AND participant.lesson_id = $1
           AND submission.key LIKE 'due:%' AND submission.taken_back_at IS NULL`,
        [lesson.id],
      );
      await manager.update(LessonRow, { id: lesson.id }, { collectedFor: null });
    });
  }

  /** Each look begins when the one before is done; one process looks at a time. */
  private lookAgain(): void {
    this.looking = setTimeout(() => {
      unlessElsewhere(this.database, 'collecting', () => this.collectWhatIsDue())
        .catch((error: unknown) => this.log.warn(`Looking again in a moment: ${String(error)}`))
        .finally(() => this.lookAgain());
    }, LOOK_EVERY).unref();
  }

  private async collectWhatIsDue(): Promise<void> {
    const over = Date.now() - ON_ITS_WAY;
    const lessons = await this.database
      .getRepository(LessonRow)
      .createQueryBuilder('lesson')
      .where('lesson.closedAt IS NULL AND lesson.deletedAt IS NULL')
      .andWhere(`NOT coalesce((lesson.terms->>'late')::boolean, true)`)
      .andWhere(`(lesson.terms->>'dueAt')::float8 < :over`, { over })
      .andWhere(`lesson.collectedFor IS DISTINCT FROM to_timestamp((lesson.terms->>'dueAt')::float8 / 1000)`)
      .getMany();
    for (const lesson of lessons) {
      const { dueAt } = readTerms(lesson.terms);
      if (dueAt !== null) await this.collect(lesson, dueAt);
    }
  }

  private async collect(lesson: LessonRow, dueAt: number): Promise<void> {
    // Shut first, so that nothing comes in between what is collected and what is there.
    await this.workLock.settle(lesson.id);
    if (this.bus.hasOthers) await new Promise((resolve) => setTimeout(resolve, SHUT_EVERYWHERE_MS));
    const ids = await this.participants.workIds(lesson.id);
    await this.database.transaction(async (manager) => {
      await manager.query(`UPDATE lesson SET collected_for = to_timestamp($2::float8 / 1000) WHERE id = $1`, [
        lesson.id,
        dueAt,
      ]);
      for (const participantId of ids) await this.collectFrom(manager, lesson, dueAt, participantId);
    });
    await this.workLock.settle(lesson.id);
  }

  private async collectFrom(
    manager: EntityManager,
    lesson: LessonRow,
    dueAt: number,
    participantId: string,
  ): Promise<void> {
    await manager.findOne(ParticipantRow, { where: { id: participantId }, lock: { mode: 'pessimistic_write' } });
    if (await manager.existsBy(SubmissionRow, { participantId, takenBackAt: IsNull() })) return;
    if (await manager.existsBy(SubmissionRow, { participantId, key: collectedKey(dueAt) })) return;
    const name = formatDocumentName({ kind: 'work', lessonId: lesson.id, participantId });
    const work = readWorkDocument(await this.sync.read(name));
    if (filledItems(work).length === 0) return;
    await manager.insert(SubmissionRow, {
      id: newId(),
      participantId,
      number: (await manager.countBy(SubmissionRow, { participantId })) + 1,
      key: collectedKey(dueAt),
      work: work as object,
      marks: markWork(await this.editions.get(lesson.editionHash), work) as object,
      editionHash: lesson.editionHash,
      submittedAt: new Date(dueAt),
      takenBackAt: null,
    });
  }
}
