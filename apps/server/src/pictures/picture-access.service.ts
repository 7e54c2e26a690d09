/**
 * Who may see a picture. Knowing its id is not enough: a clipboard may hold ids of somebody else's private pictures.
 * A teacher sees what they uploaded or were given with a deck, and what their co-authors brought into a deck they
 * share; a student sees what is in the edition of their lesson.
 */
import { picturesIn, readDeck } from '@gobrel/core/deck';
import { formatDocumentName, readDeckDocument } from '@gobrel/core/shared-doc';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import type { Identity } from '../accounts/index.js';
import { LessonRow, PictureKeeperRow, SharedDocumentRow } from '../database/index.js';
import { EditionsService, SyncService } from '../sync/index.js';

@Injectable()
export class PictureAccessService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly sync: SyncService,
    private readonly editions: EditionsService,
  ) {}

  /** Whether somebody may see a picture. */
  async maySee({ teacherId, participant }: Identity, pictureId: string): Promise<boolean> {
    if (teacherId && (await this.maySeeAsTeacher(teacherId, pictureId))) return true;
    if (!participant) return false;
    const lesson = await this.database.getRepository(LessonRow).findOneBy({ id: participant.lessonId });
    if (!lesson || !picturesIn(await this.editions.get(lesson.editionHash)).includes(pictureId)) return false;
    return this.maySeeAsTeacher(lesson.teacherId, pictureId);
  }

  /** Keeps those of some pictures that a teacher may see for decks of their own; gives the others. */
  async keepFor(teacherId: string, pictureIds: readonly string[]): Promise<readonly string[]> {
    const refused: string[] = [];
    for (const pictureId of pictureIds) {
      if (await this.maySeeAsTeacher(teacherId, pictureId)) await this.keep(teacherId, pictureId);
      else refused.push(pictureId);
    }
    return refused;
  }

  /** Notes that a picture is a teacher's to use. */
  async keep(teacherId: string, pictureId: string): Promise<void> {
    const row = { pictureId, teacherId };
    await this.database.createQueryBuilder().insert().into(PictureKeeperRow).values(row).orIgnore().execute();
  }

  private async maySeeAsTeacher(teacherId: string, pictureId: string): Promise<boolean> {
    const kept = await this.database.getRepository(PictureKeeperRow).existsBy({ pictureId, teacherId });
    return kept || this.isInSharedDeck(teacherId, pictureId);
  }

  /** Whether it stands in a deck that the teacher edits together with somebody who keeps it. */
  private async isInSharedDeck(teacherId: string, pictureId: string): Promise<boolean> {
    const decks: { id: string }[] = await this.database.query(
      `WITH author AS (
         SELECT id AS deck_id, owner_id AS teacher_id FROM deck WHERE deleted_at IS NULL
         UNION SELECT deck_id, teacher_id FROM deck_author)
       SELECT DISTINCT mine.deck_id AS id FROM author mine
       JOIN author other ON other.deck_id = mine.deck_id
       JOIN picture_keeper keeper ON keeper.teacher_id = other.teacher_id AND keeper.picture_id = $2
       WHERE mine.teacher_id = $1 AND other.teacher_id <> $1`,
      [teacherId, pictureId],
    );
    for (const { id } of decks) if ((await this.picturesOf(id)).includes(pictureId)) return true;
    return false;
  }

  /** The pictures of a deck as it is at this moment. */
  private async picturesOf(deckId: string): Promise<readonly string[]> {
    const name = formatDocumentName({ kind: 'deck', deckId });
    const open = this.sync.readOpen(name);
    if (open) return picturesIn(readDeckDocument(open));
    const stored = await this.database.getRepository(SharedDocumentRow).findOneBy({ name });
    return picturesIn(readDeck(stored?.snapshot).deck);
  }
}
