/** Finding a colleague by the address they sign in with. */
import type { DataSource } from 'typeorm';
import { TeacherRow } from '../database/index.js';
import { refuse } from '../errors/index.js';

/** The teacher with an address; says in words when nobody has an account with it. */
export async function colleagueBy(database: DataSource, email: string): Promise<TeacherRow> {
  const teacher = await database
    .getRepository(TeacherRow)
    .createQueryBuilder('teacher')
    .where('lower(teacher.email) = lower(:email)', { email })
    .getOne();
  if (!teacher) throw refuse(404, 'no-such-account', { email: 'no-such-account' });
  return teacher;
}
