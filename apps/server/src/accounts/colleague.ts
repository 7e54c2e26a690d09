/** Finding a colleague by the address they sign in with. */
import type { DataSource } from 'typeorm';
import { TeacherRow } from '../database/index.js';
import { refuse } from '../errors/index.js';

/** The teacher with an address; `null` when nobody has an account with it. */
export function teacherBy(database: DataSource, email: string): Promise<TeacherRow | null> {
  return database
    .getRepository(TeacherRow)
    .createQueryBuilder('teacher')
    .where('lower(teacher.email) = lower(:email)', { email })
    .getOne();
}

/** The teacher with an address; says in words when nobody has an account with it. */
export async function colleagueBy(database: DataSource, email: string): Promise<TeacherRow> {
  const teacher = await teacherBy(database, email);
  if (!teacher) throw refuse(404, 'no-such-account', { email: 'no-such-account' });
  return teacher;
}
