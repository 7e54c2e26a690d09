/** Who somebody from outside is here: kept once they have shown it, and taken back by them. */
import type { ConnectionView } from '@gobrel/contract';
import { newId } from '@gobrel/core/deck';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, type EntityManager, In, IsNull, Not } from 'typeorm';
import { OutsideIdentityRow } from '../database/index.js';
import type { OutsidePerson } from './outside-person.js';

@Injectable()
export class OutsideIdentitiesService {
  constructor(@InjectDataSource() private readonly database: DataSource) {}

  /** The teacher somebody is; `null` while that is not known. */
  async teacherOf({ issuer, subject }: OutsidePerson): Promise<string | null> {
    const row = await this.rows.findOneBy({ issuer, subject, teacherId: Not(IsNull()) });
    return row?.teacherId ?? null;
  }

  /** Which of some students somebody is; `null` while that is not known. */
  async studentAmong(
    { issuer, subject }: OutsidePerson,
    studentIds: readonly string[],
    manager: EntityManager = this.database.manager,
  ): Promise<string | null> {
    const row = await manager.findOneBy(OutsideIdentityRow, { issuer, subject, studentId: In([...studentIds]) });
    return row?.studentId ?? null;
  }

  /** Whether a student comes from outside, so that nobody else may take their name by choosing a PIN. */
  isStudentKnown(studentId: string): Promise<boolean> {
    return this.rows.existsBy({ studentId });
  }

  /** From now on they are this teacher, and no other. */
  async connectTeacher({ issuer, subject }: OutsidePerson, teacherId: string): Promise<void> {
    await this.database.transaction(async (manager) => {
      await manager.delete(OutsideIdentityRow, { issuer, subject, teacherId: Not(IsNull()) });
      await manager.insert(OutsideIdentityRow, { id: newId(), issuer, subject, teacherId, studentId: null });
    });
  }

  /** From now on they are this student. */
  async connectStudent(
    { issuer, subject }: OutsidePerson,
    studentId: string,
    manager: EntityManager = this.database.manager,
  ): Promise<void> {
    await manager
      .getRepository(OutsideIdentityRow)
      .createQueryBuilder()
      .insert()
      .values({ id: newId(), issuer, subject, teacherId: null, studentId })
      .orIgnore()
      .execute();
  }

  /** By which systems a teacher signs in. */
  async ofTeacher(teacherId: string): Promise<ConnectionView[]> {
    const rows = await this.rows.find({ where: { teacherId }, order: { issuer: 'ASC' } });
    return rows.map(({ id, issuer }) => ({ id, issuer }));
  }

  /** Under which names a system knows some students, by their ids here. */
  async subjectsOf(issuer: string, studentIds: readonly string[]): Promise<ReadonlyMap<string, string>> {
    const rows = await this.rows.findBy({ issuer, studentId: In([...studentIds]) });
    return new Map(rows.flatMap(({ studentId, subject }) => (studentId === null ? [] : [[studentId, subject]])));
  }

  /** By which systems a student signs in: their addresses. */
  async ofStudent(studentId: string): Promise<string[]> {
    return (await this.rows.findBy({ studentId })).map(({ issuer }) => issuer);
  }

  /** A teacher does not sign in by it any more. */
  async disconnect(teacherId: string, id: string): Promise<void> {
    await this.rows.delete({ teacherId, id });
  }

  private get rows() {
    return this.database.getRepository(OutsideIdentityRow);
  }
}
