/** Which slides of an edition somebody's device may have, where the terms withhold what they cannot come to yet. */
import type { Deck, SlideId } from '@gobrel/core/deck';
import type { LessonState } from '@gobrel/core/lesson';
import { slidesInReach } from '@gobrel/core/show';
import type { Work } from '@gobrel/core/work';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { ParticipantRow } from '../database/index.js';
import { AnswerChecksService } from './answer-checks.service.js';

/** Somebody's work in an edition, and what their teacher does meanwhile. */
interface Walking {
  /** Under whose id the work is kept. */
  readonly workId: string;
  readonly edition: Deck;
  readonly work: Work;
  readonly state: LessonState;
}

@Injectable()
export class ReachedSlidesService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly checks: AnswerChecksService,
  ) {}

  /**
   * The slides that were in reach at some time, those of now among them: an answer that is changed takes nothing away. Only
   * answers that were looked at open anything, so that asking for the edition tells nobody whether an answer is right.
   */
  async of({ workId, edition, work, state }: Walking): Promise<ReadonlySet<SlideId>> {
    const { reached: before } = await this.database.getRepository(ParticipantRow).findOneByOrFail({ id: workId });
    const verdicts = await this.checks.knownVerdicts({ participantId: workId, edition, work });
    const isRight = (itemId: string) => verdicts.get(itemId) ?? null;
    const reached = slidesInReach(edition, { work, isRight }, [...before, ...slidesLedTo(state)]);
    const more = [...reached].filter((slideId) => !before.includes(slideId));
    if (more.length > 0)
      await this.database.query(
        'UPDATE participant SET reached = ARRAY(SELECT DISTINCT unnest(reached || $2::text[])) WHERE id = $1',
        [workId, more],
      );
    return reached;
  }
}

/** The slides to which a teacher led or called the class. */
function slidesLedTo({ lead, gathering }: LessonState): readonly SlideId[] {
  const led = lead?.walk.map(({ slideId }) => slideId) ?? [];
  return gathering ? [...led, gathering.slideId] : led;
}
