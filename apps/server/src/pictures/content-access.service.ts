/**
 * Who may see a picture or open a file. Knowing its id is not enough: a clipboard may hold ids of what is somebody
 * else's.
 * A teacher sees what they uploaded or were given with a deck, what comes along with templates, and what their co-authors
 * brought into a deck they share; a student sees what is in the edition of their lesson.
 */
import { contentsIn } from '@gobrel/core/deck';
import { formatDocumentName, readDeckDocument } from '@gobrel/core/shared-doc';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, IsNull } from 'typeorm';
import type { Identity } from '../accounts/index.js';
import { LessonRow, ContentKeeperRow, SceneRow } from '../database/index.js';
import { EditionsService, SyncService } from '../sync/index.js';

@Injectable()
export class ContentAccessService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly sync: SyncService,
    private readonly editions: EditionsService,
  ) {}

  /** Whether somebody may see a picture, or open a file. */
  async maySee({ teacherId, participant }: Identity, contentId: string): Promise<boolean> {
    if (teacherId && (await this.maySeeAsTeacher(teacherId, contentId))) return true;
    if (!participant) return false;
    const lesson = await this.database
      .getRepository(LessonRow)
      .findOneBy({ id: participant.lessonId, deletedAt: IsNull() });
    if (!lesson || !contentsIn(await this.editions.get(lesson.editionHash)).includes(contentId)) return false;
    return this.maySeeAsTeacher(lesson.teacherId, contentId);
  }

  /** Keeps those of some pictures and files that a teacher may see for decks of their own; gives the others. */
  async keepFor(teacherId: string, contentIds: readonly string[]): Promise<readonly string[]> {
    const refused: string[] = [];
    for (const contentId of contentIds) {
      if (await this.maySeeAsTeacher(teacherId, contentId)) await this.keep(teacherId, contentId);
      else refused.push(contentId);
    }
    return refused;
  }

  /** Keeps for a teacher those of some pictures and files that the owner of the deck they come with may see. */
  async keepThrough(ownerId: string, teacherId: string, contentIds: readonly string[]): Promise<void> {
    for (const contentId of contentIds)
      if (await this.maySeeAsTeacher(ownerId, contentId)) await this.keep(teacherId, contentId);
  }

  /** Notes that a picture or a file is a teacher's to use. */
  async keep(teacherId: string, contentId: string): Promise<void> {
    const row = { contentId, teacherId };
    await this.database.createQueryBuilder().insert().into(ContentKeeperRow).values(row).orIgnore().execute();
  }

  private async maySeeAsTeacher(teacherId: string, contentId: string): Promise<boolean> {
    const kept = await this.database.getRepository(ContentKeeperRow).existsBy({ contentId, teacherId });
    if (kept || (await this.database.getRepository(SceneRow).existsBy({ pictureId: contentId }))) return true;
    return this.isInSharedDeck(teacherId, contentId);
  }

  /** Whether it stands in a deck that the teacher edits together with somebody who keeps it. */
  private async isInSharedDeck(teacherId: string, contentId: string): Promise<boolean> {
    const decks: { id: string }[] = await this.database.query(
      `SELECT DISTINCT mine.deck_id AS id FROM deck_access mine
       JOIN deck_access other ON other.deck_id = mine.deck_id
       JOIN content_keeper keeper ON keeper.teacher_id = other.teacher_id AND keeper.content_id = $2
       WHERE mine.teacher_id = $1 AND other.teacher_id <> $1`,
      [teacherId, contentId],
    );
    for (const { id } of decks) if ((await this.contentsOf(id)).includes(contentId)) return true;
    return false;
  }

  /** The pictures and files of a deck as it is at this moment. */
  private async contentsOf(deckId: string): Promise<readonly string[]> {
    const name = formatDocumentName({ kind: 'deck', deckId });
    return contentsIn(readDeckDocument(await this.sync.read(name)));
  }
}
