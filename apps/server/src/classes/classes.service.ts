/** Classes: made, changed, put away; their students, groups and PINs. */
import { randomInt } from 'node:crypto';
import type { AddStudents, ChangeClass, ChangeStudent, ClassView, NewClass, NewPins } from '@gobrel/contract';
import { newId } from '@gobrel/core/deck';
import { readRosterRef } from '@gobrel/core/formats';
import { byName, isSameName, namesApart } from '@gobrel/core/lesson';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In, IsNull } from 'typeorm';
import { AttemptsService, SecretsService } from '../accounts/index.js';
import { AuditService } from '../audit/index.js';
import { ClassRow, StudentRow } from '../database/index.js';
import { notFound, refuse } from '../errors/index.js';
import { SeatsService } from '../sync/index.js';

@Injectable()
export class ClassesService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly seats: SeatsService,
    private readonly secrets: SecretsService,
    private readonly attempts: AttemptsService,
    private readonly audit: AuditService,
  ) {}

  /** A teacher's classes by name, those put away last. */
  async list(teacherId: string): Promise<ClassView[]> {
    const classes = await this.database.getRepository(ClassRow).findBy({ teacherId, deletedAt: IsNull() });
    const students = await this.database
      .getRepository(StudentRow)
      .findBy({ classId: In(classes.map((row) => row.id)) });
    return byName(classes)
      .sort((a, b) => Number(a.archivedAt !== null) - Number(b.archivedAt !== null))
      .map((row) => viewOf(row, students));
  }

  /** A class with its students. */
  async create(teacherId: string, { name, roster, ...students }: NewClass): Promise<ClassView> {
    const row = {
      ...{ id: newId(), teacherId, name, archivedAt: null, deletedAt: null },
      roster: readRosterRef(roster),
    };
    await this.database.transaction(async (manager) => {
      await manager.insert(ClassRow, row);
      await manager.insert(StudentRow, newStudents(row.id, students));
    });
    return this.view(row.id);
  }

  /** Gives a class another name, puts it away or takes it back. */
  async change(teacherId: string, id: string, { name, archived }: ChangeClass): Promise<ClassView> {
    await this.owned(teacherId, id);
    const change = {
      ...(name === undefined ? {} : { name }),
      ...(archived === undefined ? {} : { archivedAt: archived ? new Date() : null }),
    };
    if (Object.keys(change).length > 0) await this.database.getRepository(ClassRow).update({ id }, change);
    return this.view(id);
  }

  /**
   * More students in a class. Whoever the school's system knows and who is in it already is not added again; somebody of the same name
   * whom it did not know until now is known to it from then on.
   */
  async add(teacherId: string, id: string, students: AddStudents): Promise<ClassView> {
    await this.owned(teacherId, id);
    await this.database.transaction(async (manager) => {
      await manager.findOne(ClassRow, { where: { id }, lock: { mode: 'pessimistic_write' } });
      const here = await manager.findBy(StudentRow, { classId: id });
      const known = new Set(here.map(({ rosterId }) => rosterId));
      const unknown = here.filter(({ rosterId }) => rosterId === '');
      for (const row of newStudents(id, students)) {
        if (row.rosterId !== '' && known.has(row.rosterId)) continue;
        const at = row.rosterId === '' ? -1 : unknown.findIndex(({ name }) => isSameName(name, row.name));
        const [same] = at < 0 ? [] : unknown.splice(at, 1);
        if (same) await manager.update(StudentRow, { id: same.id }, { rosterId: row.rosterId });
        else await manager.insert(StudentRow, row);
        known.add(row.rosterId);
      }
    });
    return this.view(id);
  }

  /** Changes a student's name, group or class. Their work is theirs, wherever they are. */
  async changeStudent(
    teacherId: string,
    classId: string,
    studentId: string,
    { name, group, classId: movesTo }: ChangeStudent,
  ): Promise<void> {
    await this.ownedStudent(teacherId, classId, studentId);
    if (movesTo !== undefined) await this.owned(teacherId, movesTo);
    const moves = movesTo !== undefined && movesTo !== classId;
    const change = {
      ...(name === undefined ? {} : { name }),
      ...(moves ? { classId: movesTo, groupName: '' } : {}),
      ...(group === undefined ? {} : { groupName: group }),
    };
    if (Object.keys(change).length > 0) await this.database.getRepository(StudentRow).update({ id: studentId }, change);
  }

  /** Forgets a student's PIN, so that they set a new one at the next visit; who sits in their seat is signed out. */
  async forgetPin(teacherId: string, classId: string, studentId: string): Promise<void> {
    await this.ownedStudent(teacherId, classId, studentId);
    await this.audit.note({ act: 'PIN forgotten', by: teacherId, subject: studentId, place: classId });
    await this.database.getRepository(StudentRow).update({ id: studentId }, { pinHash: null });
    await this.attempts.forget(`student:${studentId}`);
    await this.seats.end(await this.seats.ofStudents([studentId]));
  }

  /** Gives every student of a class a new PIN, to be printed: they are told this once. All their seats end. */
  async newPins(teacherId: string, id: string): Promise<NewPins> {
    await this.owned(teacherId, id);
    await this.audit.note({ act: 'PINs made', by: teacherId, place: id });
    const students = await this.database.getRepository(StudentRow).findBy({ classId: id });
    const pins = students.map(({ id: studentId }) => [studentId, String(randomInt(10_000)).padStart(4, '0')] as const);
    await this.database.transaction(async (manager) => {
      for (const [studentId, pin] of pins)
        await manager.update(
          StudentRow,
          { id: studentId },
          { pinHash: await this.secrets.hashPin(pin, `pins of ${id}`) },
        );
    });
    // Whoever was known by the PIN before is not any more.
    for (const { id: studentId } of students) await this.attempts.forget(`student:${studentId}`);
    await this.seats.end(await this.seats.ofStudents(students.map(({ id: studentId }) => studentId)));
    return Object.fromEntries(pins);
  }

  private async view(id: string): Promise<ClassView> {
    const row = await this.database.getRepository(ClassRow).findOneByOrFail({ id });
    return viewOf(row, await this.database.getRepository(StudentRow).findBy({ classId: id }));
  }

  private async owned(teacherId: string, id: string): Promise<void> {
    const row = await this.database.getRepository(ClassRow).findOneBy({ id, teacherId });
    if (!row) throw notFound('class');
    if (row.deletedAt) throw refuse(410, 'class-deleted');
  }

  private async ownedStudent(teacherId: string, classId: string, studentId: string): Promise<void> {
    await this.owned(teacherId, classId);
    if (!(await this.database.getRepository(StudentRow).existsBy({ id: studentId, classId })))
      throw notFound('student');
  }
}

function newStudents(classId: string, { students, groups = [], rosterIds = [] }: AddStudents) {
  return students.map((name, at) => ({
    id: newId(),
    classId,
    name: name.trim(),
    pinHash: null,
    groupName: (groups[at] ?? '').trim(),
    rosterId: rosterIds[at] ?? '',
  }));
}

function viewOf(row: ClassRow, students: readonly StudentRow[]): ClassView {
  const own = students.filter(({ classId }) => classId === row.id);
  const names = namesApart(own);
  return {
    id: row.id,
    name: row.name,
    roster: row.roster,
    archivedAt: row.archivedAt?.toISOString() ?? null,
    students: byName(
      own.map(({ id, name, pinHash, groupName, rosterId }) => ({
        id,
        name: names.get(id) ?? name,
        hasPin: pinHash !== null,
        group: groupName,
        rosterId,
      })),
    ),
  };
}
