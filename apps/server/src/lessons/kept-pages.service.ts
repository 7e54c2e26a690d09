/** Whose pages are in class decks that were kept: they go when somebody is erased, from the deck and from its versions. */
import { applyChanges, readDeck, type SlideId } from '@gobrel/core/deck';
import { withoutPages } from '@gobrel/core/review';
import { formatDocumentName, readDeckDocument, writeChanges } from '@gobrel/core/shared-doc';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { DeckVersionRow } from '../database/index.js';
import { SyncService } from '../sync/index.js';

@Injectable()
export class KeptPagesService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly sync: SyncService,
  ) {}

  /** Notes whose slides are in a deck. Guests are nobody who could be erased by name. */
  async note(deckId: string, pages: readonly (readonly [participantId: string, slides: readonly SlideId[]])[]) {
    const rows = pages.flatMap(([participantId, slides]) => slides.map((slideId) => ({ participantId, slideId })));
    await this.database.query(
      `INSERT INTO kept_page (deck_id, slide_id, student_id)
       SELECT $1, page.slide_id, participant.student_id
       FROM unnest($2::text[], $3::text[]) AS page (slide_id, participant_id)
       JOIN participant ON participant.id = page.participant_id AND participant.student_id IS NOT NULL`,
      [deckId, rows.map(({ slideId }) => slideId), rows.map(({ participantId }) => participantId)],
    );
  }

  /** Takes a student's pages out of every deck they were kept in. */
  async eraseOf(studentId: string): Promise<void> {
    const rows = await this.database.query<{ deckId: string; slides: SlideId[] }[]>(
      `SELECT deck_id AS "deckId", array_agg(slide_id) AS slides FROM kept_page WHERE student_id = $1 GROUP BY deck_id`,
      [studentId],
    );
    for (const { deckId, slides } of rows) {
      const name = formatDocumentName({ kind: 'deck', deckId });
      await this.sync.change(name, (doc) => writeChanges(doc, withoutPages(readDeckDocument(doc), slides)));
      // Folded first: what is written over would be kept as a version once more.
      await this.sync.foldNow(name);
      await this.eraseFromVersions(deckId, slides);
    }
  }

  private async eraseFromVersions(deckId: string, slides: readonly SlideId[]): Promise<void> {
    const versions = this.database.getRepository(DeckVersionRow);
    for (const { id, deck: stored } of await versions.findBy({ deckId })) {
      const { deck } = readDeck(stored);
      await versions.update({ id }, { deck: applyChanges(deck, withoutPages(deck, slides)) as object });
    }
  }
}
