/** The shelf of a school: the decks that colleagues offer, and what is found among them. */
import type { OfferedDeck } from '@gobrel/contract';
import { type Deck, withoutKeysAndNotes } from '@gobrel/core/deck';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { ColleagueRow, DeckOfferRow } from '../database/index.js';
import { LibraryService } from '../decks/index.js';
import { notFound } from '../errors/index.js';

@Injectable()
export class SchoolShelfService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly library: LibraryService,
  ) {}

  /** The decks on the shelf of somebody's school, the one offered last first; none where they are in no school. */
  async list(teacherId: string): Promise<OfferedDeck[]> {
    const offers = await this.offers(teacherId);
    const decks = await this.library.some(
      teacherId,
      offers.map(({ deckId }) => deckId),
    );
    const deckBy = new Map(decks.map((deck) => [deck.id, deck]));
    const mine = await this.nameOf(teacherId);
    return offers.flatMap(({ deckId, subject, ageFrom, ageTo, offeredAt }) => {
      const deck = deckBy.get(deckId);
      if (!deck) return [];
      const by = deck.sharedBy ?? mine;
      return [
        { deck, by, isMine: deck.sharedBy === null, subject, ageFrom, ageTo, offeredAt: offeredAt.toISOString() },
      ];
    });
  }

  /** A deck of the shelf to look through, without keys and notes. */
  async preview(teacherId: string, deckId: string): Promise<Deck> {
    const isHere = (await this.offers(teacherId)).some((offer) => offer.deckId === deckId);
    if (!isHere) throw notFound('deck');
    return withoutKeysAndNotes(await this.library.read(deckId));
  }

  /** Those on whose slides all of some words stand, by id. */
  async find(teacherId: string, sought: string): Promise<string[]> {
    const offers = await this.offers(teacherId);
    return this.library.findIn(
      offers.map(({ deckId }) => deckId),
      sought,
    );
  }

  private async offers(teacherId: string): Promise<DeckOfferRow[]> {
    const mine = await this.database.getRepository(ColleagueRow).findOneBy({ teacherId });
    if (!mine) return [];
    return this.database
      .getRepository(DeckOfferRow)
      .createQueryBuilder('offer')
      .where('offer.schoolId = :schoolId AND (offer.until IS NULL OR offer.until > now())', { schoolId: mine.schoolId })
      .andWhere('offer.deckId IN (SELECT id FROM deck WHERE deleted_at IS NULL)')
      .orderBy('offer.offeredAt', 'DESC')
      .addOrderBy('offer.deckId')
      .getMany();
  }

  private async nameOf(teacherId: string): Promise<string> {
    const [row] = await this.database.query<{ name: string }[]>('SELECT name FROM teacher WHERE id = $1', [teacherId]);
    return row?.name ?? '';
  }
}
