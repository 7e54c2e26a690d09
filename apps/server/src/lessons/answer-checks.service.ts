/** Checking answers for those who gave them: how often each was, and what was told. */
import type { Deck, ItemId } from '@gobrel/core/deck';
import {
  answerFingerprint,
  attemptsLeft,
  isUsedUp,
  judge,
  readFeedback,
  feedbackNow,
  type AnswerFeedback,
} from '@gobrel/core/questions';
import type { Work } from '@gobrel/core/work';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { EntityManager, Repository } from 'typeorm';
import { AnswerCheckRow } from '../database/index.js';

/** Whose answers are to be checked. */
interface Checking {
  readonly participantId: string;
  readonly edition: Deck;
  readonly work: Work;
}

@Injectable()
export class AnswerChecksService {
  constructor(@InjectRepository(AnswerCheckRow) private readonly rows: Repository<AnswerCheckRow>) {}

  /** What a participant was told the last time, by item; what only a link asked for is not told. */
  async feedbackFor(participantId: string, edition: Deck): Promise<Readonly<Record<ItemId, AnswerFeedback>>> {
    const rows = await this.rows.findBy({ participantId });
    return Object.fromEntries(
      rows.flatMap(({ itemId, feedback }): [ItemId, AnswerFeedback][] => {
        const item = edition.items[itemId];
        return item && 'feedbackAt' in item && item.feedbackAt === 'at-once' ? [[itemId, readFeedback(feedback)]] : [];
      }),
    );
  }

  /** How answers that were looked at stand, by item; what was changed since is not among them. */
  async knownVerdicts({ participantId, edition, work }: Checking): Promise<ReadonlyMap<ItemId, boolean>> {
    const rows = await this.rows.findBy({ participantId });
    return new Map(
      rows.flatMap(({ itemId, feedback }): [ItemId, boolean][] => {
        const { of, verdict } = readFeedback(feedback);
        const item = edition.items[itemId];
        return item && of === answerFingerprint(item, work, edition) ? [[itemId, verdict === 'right']] : [];
      }),
    );
  }

  /** Checks answers, and counts it unless nothing was changed since the last time; not beyond the attempts allowed. */
  async check(
    manager: EntityManager,
    { participantId, edition, work }: Checking,
    itemIds: readonly ItemId[],
  ): Promise<void> {
    for (const itemId of new Set(itemIds)) {
      const item = edition.items[itemId];
      if (!item || item.hidden) continue;
      const before = await manager.findOneBy(AnswerCheckRow, { participantId, itemId });
      const tries = before?.tries ?? 0;
      if (isUsedUp(item, tries)) continue;
      if (before && readFeedback(before.feedback).of === answerFingerprint(item, work, edition)) continue;
      const feedback = feedbackNow(item, work, edition, tries + 1);
      if (!feedback || feedback.verdict === 'empty') continue;
      await manager.save(AnswerCheckRow, { participantId, itemId, tries: tries + 1, feedback: feedback as object });
    }
  }

  /**
   * Whether an answer is right, for a link that goes by it. Each look at another answer is one of the attempts of its
   * question, whenever the question tells; once they are used up, only the answer that was judged last counts.
   */
  async isRight(manager: EntityManager, { participantId, edition, work }: Checking, itemId: ItemId): Promise<boolean> {
    const item = edition.items[itemId];
    const judged = item && judge(item, work, edition);
    if (!item || !judged || judged.verdict === 'empty') return false;
    const before = await manager.findOneBy(AnswerCheckRow, { participantId, itemId });
    const known = before && readFeedback(before.feedback);
    if (known?.of === judged.of) return known.verdict === 'right';
    const tries = before?.tries ?? 0;
    if (attemptsLeft(item, tries) === 0) return false;
    const feedback = feedbackNow(item, work, edition, tries + 1) ?? { ...judged, left: attemptsLeft(item, tries + 1) };
    await manager.save(AnswerCheckRow, { participantId, itemId, tries: tries + 1, feedback: feedback as object });
    return feedback.verdict === 'right';
  }
}
