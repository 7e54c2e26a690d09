/** Lessons in the bin: put there, restored, and gone for good with everything in them. */
import type { DeletedLesson } from '@gobrel/contract';
import { formatDocumentName } from '@gobrel/core/shared-doc';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In, IsNull, Not } from 'typeorm';
import { AuditService } from '../audit/index.js';
import { ClassRow, LessonRow, timesInBin } from '../database/index.js';
import { notFound, refuse } from '../errors/index.js';
import { DocumentRemovalService, EditionsService, SyncService } from '../sync/index.js';
import { LessonsService } from './lessons.service.js';
import { ParticipantsService } from './participants.service.js';

@Injectable()
export class LessonBinService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly lessons: LessonsService,
    private readonly participants: ParticipantsService,
    private readonly editions: EditionsService,
    private readonly sync: SyncService,
    private readonly documents: DocumentRemovalService,
    private readonly audit: AuditService,
  ) {}

  /** Puts a lesson in the bin. Whoever is in it is told so, and nothing more is taken. */
  async put(teacherId: string, id: string): Promise<void> {
    await this.lessons.led(teacherId, id);
    await this.audit.note({ act: 'lesson deleted', by: teacherId, place: id });
    await this.database.getRepository(LessonRow).update({ id }, { deletedAt: new Date() });
    await this.close(id);
  }

  /** Sends everybody out of lessons that went with their class. */
  async closeThoseWith(classId: string, deletedAt: Date): Promise<void> {
    for (const { id } of await this.database.getRepository(LessonRow).findBy({ classId, deletedAt }))
      await this.close(id);
  }

  /** The lessons that a teacher has in the bin, the last one first; not those that went with their class. */
  async list(teacherId: string): Promise<DeletedLesson[]> {
    const all = await this.database
      .getRepository(LessonRow)
      .find({ where: { teacherId, deletedAt: Not(IsNull()) }, order: { deletedAt: 'DESC' } });
    const classes = await this.database
      .getRepository(ClassRow)
      .findBy({ id: In(all.flatMap(({ classId }) => classId ?? [])) });
    const classOf = new Map(classes.map((row) => [row.id, row]));
    const rows = all.filter((row) => !wentWith(row, classOf.get(row.classId ?? '')));
    const editions = await this.editions.getAll(rows.map(({ editionHash }) => editionHash));
    return rows.map(({ id, classId, editionHash, openedAt, deletedAt }) => ({
      id,
      title: editions.get(editionHash)?.title ?? '',
      className: classOf.get(classId ?? '')?.name ?? '',
      openedAt: openedAt.toISOString(),
      ...timesInBin(deletedAt),
    }));
  }

  /** Takes a lesson out of the bin again, with everybody's work as it was. @throws ProblemException when its class is there */
  async restore(teacherId: string, id: string): Promise<void> {
    const row = await this.database.getRepository(LessonRow).findOneBy({ id, teacherId, deletedAt: Not(IsNull()) });
    if (!row) throw notFound('lesson');
    const isOfDeleted = await this.database
      .getRepository(ClassRow)
      .existsBy({ id: row.classId ?? '', deletedAt: Not(IsNull()) });
    if (isOfDeleted) throw refuse(409, 'class-in-bin');
    await this.database.getRepository(LessonRow).update({ id }, { deletedAt: null });
  }

  /** Removes a lesson for good, with everything in it. */
  async purge(id: string): Promise<void> {
    const names = await this.documentsOf(id);
    await this.database.getRepository(LessonRow).delete({ id });
    await this.documents.remove(names);
  }

  private async close(id: string): Promise<void> {
    for (const name of await this.documentsOf(id)) this.sync.close(name);
  }

  private async documentsOf(lessonId: string): Promise<string[]> {
    const ids = await this.participants.allWorkIds(lessonId);
    return [
      formatDocumentName({ kind: 'lesson', lessonId }),
      ...ids.map((participantId) => formatDocumentName({ kind: 'work', lessonId, participantId })),
    ];
  }
}

/** Whether a lesson is in the bin because its class is. */
function wentWith({ deletedAt }: LessonRow, schoolClass: ClassRow | undefined): boolean {
  const since = schoolClass?.deletedAt ?? null;
  return since !== null && deletedAt?.getTime() === since.getTime();
}
