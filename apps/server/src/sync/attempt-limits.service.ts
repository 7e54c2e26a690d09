/** Answers that stay as they are, since they were checked as often as they may be. */
import type { Deck, Item, ItemId } from '@gobrel/core/deck';
import { isQuestion, isUsedUp } from '@gobrel/core/questions';
import { Injectable, Logger } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { AnswerCheckRow } from '../database/index.js';

@Injectable()
export class AttemptLimitsService {
  /** Editions do not change, so which of their questions can be used up is looked for once. */
  private readonly limited = new WeakMap<Deck, readonly Item[]>();

  /** What was known the last time, by participant: while the database is away, students go on by that. */
  private readonly known = new Map<string, ReadonlyMap<ItemId, number>>();
  private readonly log = new Logger('UsedUp');

  constructor(@InjectDataSource() private readonly database: DataSource) {}

  /** The questions of an edition whose answer the participant can change no more. */
  async of(edition: Deck, participantId: string): Promise<readonly ItemId[]> {
    const limited = this.limitedIn(edition);
    if (limited.length === 0) return [];
    const tries = await this.triesOf(participantId);
    return limited.filter((item) => isUsedUp(item, tries.get(item.id) ?? 0)).map(({ id }) => id);
  }

  private async triesOf(participantId: string): Promise<ReadonlyMap<ItemId, number>> {
    try {
      const rows = await this.database.getRepository(AnswerCheckRow).findBy({ participantId });
      const tries = new Map(rows.map((row) => [row.itemId, row.tries]));
      this.known.set(participantId, tries);
      return tries;
    } catch (error) {
      this.log.warn(`Going by what was known before: ${String(error)}`);
      return this.known.get(participantId) ?? new Map();
    }
  }

  private limitedIn(edition: Deck): readonly Item[] {
    const known = this.limited.get(edition);
    if (known) return known;
    const limited = Object.values(edition.items).filter((item) => isQuestion(item) && isUsedUp(item, Infinity));
    this.limited.set(edition, limited);
    return limited;
  }
}
