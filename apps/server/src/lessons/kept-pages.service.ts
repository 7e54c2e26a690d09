/** Whose pages are in class decks that were kept: they go when somebody is erased, wherever they were copied to. */
import { applyChanges, type Deck, readDeck, type SlideId } from '@gobrel/core/deck';
import { withoutPages } from '@gobrel/core/review';
import { formatDocumentName, readDeckDocument, writeChanges } from '@gobrel/core/shared-doc';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { DeckVersionRow, EditionRow, LessonRow, ShareRow, SubmissionRow } from '../database/index.js';
import { ShowNews } from '../sharing/index.js';
import { EditionsService, SyncService } from '../sync/index.js';
import { WorkLockService } from './work-lock.service.js';

@Injectable()
export class KeptPagesService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly sync: SyncService,
    private readonly editions: EditionsService,
    private readonly workLock: WorkLockService,
    private readonly news: ShowNews,
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

  /**
   * Takes a student's pages out of every deck they were kept in, out of copies of these, their versions, what is shared of
   * them, and lessons to which they were handed out: a page has an id of its own, which a copy keeps.
   */
  async eraseOf(studentId: string): Promise<void> {
    const rows = await this.database.query<{ slideId: SlideId }[]>(
      'SELECT slide_id AS "slideId" FROM kept_page WHERE student_id = $1',
      [studentId],
    );
    const slides = rows.map(({ slideId }) => slideId);
    if (slides.length === 0) return;
    for (const deckId of await this.decksWith(slides)) {
      const name = formatDocumentName({ kind: 'deck', deckId });
      await this.sync.change(name, (doc) => writeChanges(doc, withoutPages(readDeckDocument(doc), slides)));
      // Folded first: what is written over would be kept as a version once more.
      await this.sync.foldNow(name);
    }
    await this.eraseFromVersions(slides);
    await this.eraseFromEditions(slides);
  }

  private async decksWith(slides: readonly SlideId[]): Promise<readonly string[]> {
    const rows = await this.database.query<{ deckId: string }[]>(
      `SELECT deck_id AS "deckId" FROM kept_page WHERE slide_id = ANY($1)
       UNION SELECT substr(name, 6) FROM shared_document WHERE name LIKE 'deck:%' AND snapshot->'slides' ?| $1`,
      [slides],
    );
    return rows.map(({ deckId }) => deckId);
  }

  private async eraseFromVersions(slides: readonly SlideId[]): Promise<void> {
    const rows = await this.database.query<{ id: string; deck: unknown }[]>(
      `SELECT id, deck FROM deck_version WHERE deck->'slides' ?| $1`,
      [slides],
    );
    for (const { id, deck: stored } of rows)
      await this.database.getRepository(DeckVersionRow).update({ id }, { deck: without(stored, slides) as object });
  }

  /** An edition cannot be changed: whatever has one with such a page gets another one without it. */
  private async eraseFromEditions(slides: readonly SlideId[]): Promise<void> {
    const rows = await this.database.query<{ hash: string; deck: unknown }[]>(
      `SELECT hash, deck FROM edition WHERE deck->'slides' ?| $1`,
      [slides],
    );
    for (const { hash, deck } of rows) {
      const { lessons, shares } = await this.database.transaction(async (manager) => {
        const next = await this.editions.freeze(without(deck, slides), manager);
        await manager.update(SubmissionRow, { editionHash: hash }, { editionHash: next });
        const handedOut = await manager.findBy(LessonRow, { editionHash: hash });
        await manager.update(LessonRow, { editionHash: hash }, { editionHash: next });
        const shared = await manager.findBy(ShareRow, { editionHash: hash });
        await manager.update(ShareRow, { editionHash: hash }, { editionHash: next });
        await manager.delete(EditionRow, { hash });
        return { lessons: handedOut, shares: shared };
      });
      for (const { id } of lessons) {
        this.editions.forget(id);
        this.workLock.tell(id);
      }
      for (const { address } of shares) this.news.tell(address);
    }
  }
}

function without(stored: unknown, slides: readonly SlideId[]): Deck {
  const { deck } = readDeck(stored);
  return applyChanges(deck, withoutPages(deck, slides));
}
