/** Courses of platforms as classes of a teacher here: made at the first need, with the students whom the platform names. */
import { newId } from '@gobrel/core/deck';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, type EntityManager, IsNull } from 'typeorm';
import { OutsideIdentitiesService, type OutsidePerson } from '../arriving/index.js';
import { ClassRow, PlatformCourseRow, type PlatformRow, StudentRow } from '../database/index.js';
import { Lines } from '../line.js';
import type { Launch } from './launch.js';

/** The longest names of a class and of a student, in letters, and the most students of a class, as in the contract. */
const LONGEST_NAME = 80;
const MOST_STUDENTS = 400;

/** Somebody who learns in a course. */
export type Learner = Pick<Launch, 'subject' | 'name' | 'rosterId'>;

/** What a platform is called among systems outside: told apart from another one that calls itself the same. */
export function issuerOf({ id, issuer }: Pick<PlatformRow, 'id' | 'issuer'>): string {
  return `${issuer}#${id}`;
}

/** Somebody as a platform knows them. */
export function personOf(
  platform: Pick<PlatformRow, 'id' | 'issuer'>,
  { subject, name, email = '' }: Pick<Launch, 'subject' | 'name'> & { readonly email?: string },
): OutsidePerson {
  return { issuer: issuerOf(platform), subject, name, email };
}

/** A class and whose it is. */
interface ClassOf {
  readonly teacherId: string;
  readonly classId: string;
}

@Injectable()
export class CoursesService {
  private readonly enrolling = new Lines();

  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly identities: OutsideIdentitiesService,
  ) {}

  /** Whether a class is what a course is for a teacher. */
  isCourse(platformId: string, course: string, { teacherId, classId }: ClassOf): Promise<boolean> {
    return this.database.getRepository(PlatformCourseRow).existsBy({ platformId, course, teacherId, classId });
  }

  /** The class that a course is for a teacher; a new one where there is none, or where it was deleted. */
  classOf(platform: PlatformRow, teacherId: string, course: Launch['course']): Promise<string> {
    return this.database.transaction(async (manager) => {
      await lockCourse(manager, platform.id, course.id);
      const own = { platformId: platform.id, course: course.id, teacherId };
      const known = await manager.findOneBy(PlatformCourseRow, own);
      const isThere =
        known !== null && (await manager.existsBy(ClassRow, { id: known.classId, teacherId, deletedAt: IsNull() }));
      if (isThere) return known.classId;
      const name = (course.title || platform.name).slice(0, LONGEST_NAME);
      const row = { id: newId(), teacherId, name, archivedAt: null, deletedAt: null, roster: null };
      await manager.insert(ClassRow, row);
      await manager.upsert(PlatformCourseRow, { ...own, classId: row.id }, [...['platformId', 'course', 'teacherId']]);
      return row.id;
    });
  }

  /**
   * Sees to it that somebody is a student of a class, and known as who they are on the platform: as the student with the id of the school's
   * list, where there is one, else as a new one.
   */
  enrol(platform: PlatformRow, classId: string, learner: Learner): Promise<void> {
    // A whole class that comes at once waits here, and not each on a connection of its own, of which there would be none left.
    return this.enrolling.run(classId, () =>
      this.database.transaction((manager) => this.enrolBy(manager, platform, classId, learner)),
    );
  }

  private async enrolBy(
    manager: EntityManager,
    platform: PlatformRow,
    classId: string,
    learner: Learner,
  ): Promise<void> {
    const person = personOf(platform, learner);
    // Two devices of one student, and a list that comes in meanwhile, make one student.
    await manager.findOne(ClassRow, { where: { id: classId }, lock: { mode: 'pessimistic_write' } });
    const students = await manager.findBy(StudentRow, { classId });
    const ids = students.map(({ id }) => id);
    // On this very connection, as other servers may wait for the class too.
    if ((await this.identities.studentAmong(person, ids, manager)) !== null) return;
    const listed = learner.rosterId === '' ? undefined : students.find(({ rosterId }) => rosterId === learner.rosterId);
    if (!listed && students.length >= MOST_STUDENTS) return;
    const id = listed?.id ?? newId();
    const name = (learner.name.trim() || learner.subject).slice(0, LONGEST_NAME);
    const { rosterId } = learner;
    if (!listed) await manager.insert(StudentRow, { id, classId, name, pinHash: null, groupName: '', rosterId });
    await this.identities.connectStudent(person, id, manager);
  }
}

/** One at a time makes a class of a course. */
async function lockCourse(manager: EntityManager, platformId: string, course: string): Promise<void> {
  await manager.query('SELECT pg_advisory_xact_lock(hashtextextended($1, 2))', [`${platformId} ${course}`]);
}
