/** Classes in the bin: put there with their lessons, restored with them, and gone for good with their students and all they did. */
import type { DeletedClass } from '@gobrel/contract';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In, IsNull, Not } from 'typeorm';
import { AuditService } from '../audit/index.js';
import { ClassRow, LessonRow, StudentRow, timesInBin } from '../database/index.js';
import { notFound } from '../errors/index.js';
import { LessonArchiveService, LessonBinService } from '../lessons/index.js';

@Injectable()
export class ClassBinService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly lessons: LessonBinService,
    private readonly archive: LessonArchiveService,
    private readonly audit: AuditService,
  ) {}

  /** Puts a class in the bin, and with it the lessons it was handed. */
  async put(teacherId: string, id: string): Promise<void> {
    const deletedAt = new Date();
    await this.database.transaction(async (manager) => {
      const present = { id, teacherId, deletedAt: IsNull() };
      const { affected } = await manager.update(ClassRow, present, { deletedAt });
      if (affected !== 1) throw notFound('class');
      await manager.update(LessonRow, { classId: id, deletedAt: IsNull() }, { deletedAt });
    });
    await this.audit.note({ act: 'class deleted', by: teacherId, place: id });
    await this.lessons.closeThoseWith(id, deletedAt);
  }

  /** The classes that a teacher has in the bin, the last one first. */
  async list(teacherId: string): Promise<DeletedClass[]> {
    const rows = await this.database
      .getRepository(ClassRow)
      .find({ where: { teacherId, deletedAt: Not(IsNull()) }, order: { deletedAt: 'DESC' } });
    const classId = In(rows.map(({ id }) => id));
    const [students, lessons] = await Promise.all([
      this.database.getRepository(StudentRow).findBy({ classId }),
      this.database.getRepository(LessonRow).findBy({ classId }),
    ]);
    return rows.map(({ id, name, deletedAt }) => ({
      id,
      name,
      students: students.filter((student) => student.classId === id).length,
      lessons: lessons.filter((lesson) => lesson.classId === id && isSame(lesson.deletedAt, deletedAt)).length,
      ...timesInBin(deletedAt),
    }));
  }

  /** Takes a class out of the bin again, and the lessons that went with it. */
  async restore(teacherId: string, id: string): Promise<void> {
    await this.database.transaction(async (manager) => {
      const row = await manager.findOneBy(ClassRow, { id, teacherId, deletedAt: Not(IsNull()) });
      if (!row?.deletedAt) throw notFound('class');
      await manager.update(LessonRow, { classId: id, deletedAt: row.deletedAt }, { deletedAt: null });
      await manager.update(ClassRow, { id }, { deletedAt: null });
    });
  }

  /** Removes a class for good, with its lessons, its students and everything they did. */
  async purge(id: string): Promise<void> {
    for (const lesson of await this.database.getRepository(LessonRow).findBy({ classId: id }))
      await this.lessons.purge(lesson.id);
    for (const student of await this.database.getRepository(StudentRow).findBy({ classId: id }))
      await this.archive.purgeStudent(student.id);
    await this.database.getRepository(ClassRow).delete({ id });
  }
}

function isSame(one: Date | null, other: Date | null): boolean {
  return one?.getTime() === other?.getTime();
}
