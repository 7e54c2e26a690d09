/** Checking answers for those who gave them: how often each was, and what was told. */
import type { Deck, ItemId } from '@gobrel/core/deck';
import { answerPrint, isUsedUp, readTold, tellNow, type Told } from '@gobrel/core/questions';
import type { Work } from '@gobrel/core/work';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { EntityManager, Repository } from 'typeorm';
import { AnswerCheckRow } from '../database/index.js';

/** What is to be checked. */
interface Checking {
  readonly participantId: string;
  readonly edition: Deck;
  readonly work: Work;
  readonly itemIds: readonly ItemId[];
}

@Injectable()
export class AnswerChecksService {
  constructor(@InjectRepository(AnswerCheckRow) private readonly rows: Repository<AnswerCheckRow>) {}

  /** What a participant was told the last time, by item. */
  async toldTo(participantId: string): Promise<Readonly<Record<ItemId, Told>>> {
    const rows = await this.rows.findBy({ participantId });
    return Object.fromEntries(rows.map(({ itemId, told }) => [itemId, readTold(told)]));
  }

  /** Checks answers, and counts it unless nothing was changed since the last time; not beyond the attempts allowed. */
  async check(manager: EntityManager, { participantId, edition, work, itemIds }: Checking): Promise<void> {
    for (const itemId of new Set(itemIds)) {
      const item = edition.items[itemId];
      if (!item || item.hidden) continue;
      const before = await manager.findOneBy(AnswerCheckRow, { participantId, itemId });
      const tries = before?.tries ?? 0;
      if (isUsedUp(item, tries)) continue;
      if (before && readTold(before.told).of === answerPrint(item, work, edition)) continue;
      const told = tellNow(item, work, edition, tries + 1);
      if (!told || told.verdict === 'empty') continue;
      await manager.save(AnswerCheckRow, { participantId, itemId, tries: tries + 1, told: told as object });
    }
  }
}
