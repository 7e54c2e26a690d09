/** Who of a lesson may change their work just now: tells devices that are connected when that changes. */
import { formatDocumentName } from '@gobrel/core/shared-doc';
import { Injectable, Logger, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { LessonRow } from '../database/index.js';
import { DocumentAccessService, SyncService } from '../sync/index.js';
import { ParticipantsService } from './participants.service.js';

/** How often it is looked whether a lesson has become due, in milliseconds. */
const LOOK_EVERY = 1000;

@Injectable()
export class WritingService implements OnApplicationBootstrap, OnApplicationShutdown {
  private readonly log = new Logger('Writing');
  private looking: ReturnType<typeof setInterval> | undefined;
  private lookedAt = Date.now();

  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly access: DocumentAccessService,
    private readonly participants: ParticipantsService,
    private readonly sync: SyncService,
  ) {}

  onApplicationBootstrap(): void {
    this.looking = setInterval(() => {
      this.shutWhatIsDue().catch((error: unknown) => this.log.warn(`Looking again in a moment: ${String(error)}`));
    }, LOOK_EVERY);
  }

  onApplicationShutdown(): void {
    clearInterval(this.looking);
  }

  /** Opens or shuts everybody's work by how things stand, and lets all devices look at the lesson again. */
  async settle(lessonId: string): Promise<void> {
    for (const participantId of await this.participants.workIds(lessonId))
      await this.settleOne(lessonId, participantId);
    this.tell(lessonId);
  }

  /** The same for one participant's work. */
  async settleOne(lessonId: string, participantId: string): Promise<void> {
    const name = formatDocumentName({ kind: 'work', lessonId, participantId });
    if (this.sync.readOpen(name)) this.sync.setWriting(name, await this.access.mayWrite(participantId));
  }

  /** Lets everybody in a lesson look at it again. */
  tell(lessonId: string): void {
    this.sync.tell(formatDocumentName({ kind: 'lesson', lessonId }), { news: 'participants' });
  }

  private async shutWhatIsDue(): Promise<void> {
    const [from, to] = [this.lookedAt, Date.now()];
    const due = await this.database
      .getRepository(LessonRow)
      .createQueryBuilder('lesson')
      .where('lesson.closedAt IS NULL')
      .andWhere(`(lesson.terms->>'dueAt')::float8 >= :from AND (lesson.terms->>'dueAt')::float8 < :to`, { from, to })
      .getMany();
    for (const { id } of due) await this.settle(id);
    this.lookedAt = to;
  }
}
