/** Backups: a deck, or everything somebody has, as a zip that can be read without this program. */
import type { Writable } from 'node:stream';
import { contentsIn, type Deck, filesIn } from '@gobrel/core/deck';
import {
  BACKUP_FORMAT,
  BACKUP_VERSION,
  type BackupManifest,
  backupSchema,
  contentFile,
  deckFile,
} from '@gobrel/core/formats';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, IsNull } from 'typeorm';
import { AuditService } from '../audit/index.js';
import { ClassesService } from '../classes/index.js';
import { DeckRow, LessonRow, PictureRow, TeacherRow } from '../database/index.js';
import { LibraryService } from '../decks/index.js';
import { FilesService, ZipStream } from '../files/index.js';
import { ClassDeckService, LessonArchiveService } from '../lessons/index.js';
import { ContentAccessService } from '../pictures/index.js';
import { EditionsService } from '../sync/index.js';
import { TemplatesService } from '../templates/index.js';
import { ThemesService } from '../themes/index.js';

/** What has no media type of its own. */
const BYTES = 'application/octet-stream';

@Injectable()
export class BackupsService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly library: LibraryService,
    private readonly contents: ContentAccessService,
    private readonly themes: ThemesService,
    private readonly templates: TemplatesService,
    private readonly classes: ClassesService,
    private readonly lessons: LessonArchiveService,
    private readonly classDecks: ClassDeckService,
    private readonly editions: EditionsService,
    private readonly audit: AuditService,
    private readonly files: FilesService,
  ) {}

  /** What a backup of a deck is called. @throws ProblemException when somebody may not edit it */
  async ofDeck(teacherId: string, deckId: string): Promise<{ name: string; write: (out: Writable) => Promise<void> }> {
    const deck = await this.library.whole(teacherId, deckId);
    return { name: `${deck.title || 'deck'}.zip`, write: (out) => this.writeOnly(teacherId, deck, out) };
  }

  /** What a backup of everybody's pages of a lesson is called. @throws ProblemException when the lesson is not theirs */
  async ofPages(
    teacherId: string,
    lessonId: string,
  ): Promise<{ name: string; write: (out: Writable) => Promise<void> }> {
    const { deck } = await this.classDecks.make(teacherId, lessonId, 'shown');
    return { name: `${deck.title || 'lesson'}.zip`, write: (out) => this.writeOnly(teacherId, deck, out) };
  }

  /** Everything that is kept about a teacher, and what is theirs: decks whole, the rest as JSON beside them. */
  async ofEverything(teacherId: string, out: Writable): Promise<void> {
    await this.audit.note({ act: 'everything exported', by: teacherId, subject: teacherId });
    const zip = new ZipStream(out);
    const rows = await this.database
      .getRepository(DeckRow)
      .find({ where: { ownerId: teacherId }, order: { updatedAt: 'DESC', id: 'ASC' } });
    const decks: Deck[] = [];
    for (const { id, deletedAt } of rows) if (deletedAt === null) decks.push(await this.library.whole(teacherId, id));
    const lessons = await this.database.getRepository(LessonRow).findBy({ teacherId, deletedAt: IsNull() });
    const editions = await this.editions.getAll(lessons.map(({ editionHash }) => editionHash));
    await this.writeDecks(zip, teacherId, decks, {
      beside: [...editions.values()],
      lessons: lessons.map(({ id, editionHash }) => ({
        folder: `lessons/${id}/`,
        title: editions.get(editionHash)?.title ?? '',
      })),
    });
    const { name, email, language } = await this.database.getRepository(TeacherRow).findOneByOrFail({ id: teacherId });
    await zip.json('account.json', { name, email, language });
    await zip.json('themes.json', await this.themes.list(teacherId));
    const templates = await this.templates.list(teacherId);
    await zip.json(
      'templates.json',
      templates.filter(({ by }) => by === null),
    );
    await zip.json('classes.json', await this.classes.list(teacherId));
    for (const { id } of lessons)
      for (const [file, value] of Object.entries(await this.lessons.told(teacherId, id)))
        await zip.json(`lessons/${id}/${file}`, value);
    zip.end();
  }

  private async writeOnly(teacherId: string, deck: Deck, out: Writable): Promise<void> {
    const zip = new ZipStream(out);
    await this.writeDecks(zip, teacherId, [deck]);
    zip.end();
  }

  /** @param with decks whose pictures and files come along beside those of the decks, and where lessons lie */
  private async writeDecks(
    zip: ZipStream,
    teacherId: string,
    decks: readonly Deck[],
    { beside = [], lessons }: { beside?: readonly Deck[]; lessons?: BackupManifest['lessons'] & object } = {},
  ): Promise<void> {
    const shown = [...decks, ...beside];
    const files = new Set(shown.flatMap(filesIn));
    const contents: BackupManifest['contents'][number][] = [];
    for (const id of new Set(shown.flatMap(contentsIn))) {
      const kind = files.has(id) ? 'file' : 'picture';
      const told = await this.sizeOf(teacherId, kind, id);
      if (told) contents.push({ id, kind, file: contentFile(kind, id), ...told });
    }
    const manifest: BackupManifest = {
      format: BACKUP_FORMAT,
      version: BACKUP_VERSION,
      made: new Date().toISOString(),
      decks: decks.map(({ title }, at) => ({ file: deckFile(at), title })),
      contents,
      ...(lessons ? { lessons } : {}),
    };
    await zip.json('backup.json', manifest);
    await zip.json('schema.json', backupSchema);
    for (const [at, deck] of decks.entries()) await zip.json(deckFile(at), deck);
    for (const { kind, id, file } of contents) {
      if (kind === 'file') await zip.bytes(file, this.files.bytesOf(await this.files.stored(id)));
      else {
        const row = await this.database.getRepository(PictureRow).findOneBy({ id });
        if (row) await zip.bytes(file, [row.bytes]);
      }
    }
  }

  /** How large something is that a teacher may see, and what it is; `null` for anything else. */
  private async sizeOf(teacherId: string, kind: 'picture' | 'file', id: string) {
    if (!(await this.contents.maySee({ teacherId, participant: null }, id))) return null;
    const [row] = await this.database.query<{ size: string; media_type: string | null }[]>(
      `SELECT size, media_type FROM ${kind === 'picture' ? 'picture' : 'stored_file'} WHERE id = $1`,
      [id],
    );
    return row ? { bytes: Number(row.size), mediaType: row.media_type ?? BYTES } : null;
  }
}
