/** Checking answers for those who gave them: how often each was, and what was told. */
import type { Deck, ItemId } from '@gobrel/core/deck';
import { answerFingerprint, attemptsLeft, isUsedUp, judge, readTold, tellNow, type Told } from '@gobrel/core/questions';
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
  async toldTo(participantId: string, edition: Deck): Promise<Readonly<Record<ItemId, Told>>> {
    const rows = await this.rows.findBy({ participantId });
    return Object.fromEntries(
      rows.flatMap(({ itemId, told }): [ItemId, Told][] => {
        const item = edition.items[itemId];
        return item && 'tells' in item && item.tells === 'at-once' ? [[itemId, readTold(told)]] : [];
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
      if (before && readTold(before.told).of === answerFingerprint(item, work, edition)) continue;
      const told = tellNow(item, work, edition, tries + 1);
      if (!told || told.verdict === 'empty') continue;
      await manager.save(AnswerCheckRow, { participantId, itemId, tries: tries + 1, told: told as object });
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
    const known = before && readTold(before.told);
    if (known?.of === judged.of) return known.verdict === 'right';
    const tries = before?.tries ?? 0;
    if (attemptsLeft(item, tries) === 0) return false;
    const told = tellNow(item, work, edition, tries + 1) ?? { ...judged, left: attemptsLeft(item, tries + 1) };
    await manager.save(AnswerCheckRow, { participantId, itemId, tries: tries + 1, told: told as object });
    return told.verdict === 'right';
  }
}
