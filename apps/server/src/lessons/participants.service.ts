/** Who is in a lesson: students of its class, guests, and groups that work together. */
import type { MemberView, ParticipantView, RemovedView, SubmissionView } from '@gobrel/contract';
import { newId } from '@gobrel/core/deck';
import { byName, isLate, isSameName, namesApart, type LessonTerms, readTerms } from '@gobrel/core/lesson';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In, IsNull, Not } from 'typeorm';
import { ClassRow, LessonRow, ParticipantRow, ReviewRow, StudentRow, SubmissionRow } from '../database/index.js';
import { refuse } from '../errors/index.js';
import { isCollected } from './collected.js';

/** Whoever has the code could otherwise fill a lesson without end. */
const MOST_GUESTS = 300;

/** Everything about the people of one lesson, read together. */
interface People {
  readonly students: readonly StudentRow[];
  readonly joined: readonly ParticipantRow[];
  /** What was submitted, and what was said to it, by participant. */
  readonly submissions: ReadonlyMap<string, readonly SubmissionRow[]>;
  readonly reviews: ReadonlyMap<string, ReviewRow>;
  /** When work was stored, by participant. */
  readonly changed: ReadonlyMap<string, Date>;
}

@Injectable()
export class ParticipantsService {
  constructor(@InjectDataSource() private readonly database: DataSource) {}

  /** The students a lesson was handed to, by name; those of the same name told apart. */
  async invited(lesson: LessonRow): Promise<StudentRow[]> {
    if (lesson.classId === null) return [];
    return invitedOf(lesson, await this.database.getRepository(StudentRow).findBy({ classId: lesson.classId }));
  }

  /** A student whom a lesson was handed to; `null` when it was not. */
  async invitedStudent({ classId, terms }: LessonRow, studentId: string): Promise<StudentRow | null> {
    const { students } = readTerms(terms);
    if (classId === null || (students !== null && !students.includes(studentId))) return null;
    return this.database.getRepository(StudentRow).findOneBy({ id: studentId, classId });
  }

  /** Everybody's rows on the board: those invited, those who came all the same, and groups for their members. */
  async list(lesson: LessonRow): Promise<ParticipantView[]> {
    return (await this.listAll([lesson])).get(lesson.id) ?? [];
  }

  /** The same for many lessons, by their ids: everything about them is read together. */
  async listAll(lessons: readonly LessonRow[]): Promise<ReadonlyMap<string, ParticipantView[]>> {
    const people = await this.peopleIn(lessons);
    return new Map(lessons.map((lesson) => [lesson.id, rowsOf(lesson, people.get(lesson.id) ?? NOBODY)]));
  }

  /** The ids of the students who have been in a lesson. */
  async studentsIn(lessonId: string): Promise<ReadonlySet<string>> {
    const rows = await this.database.getRepository(ParticipantRow).findBy({ lessonId, removedAt: IsNull() });
    return new Set(rows.flatMap(({ studentId }) => studentId ?? []));
  }

  /** Those who were removed from a lesson, by name. */
  async removed(lesson: LessonRow): Promise<RemovedView[]> {
    const rows = await this.database
      .getRepository(ParticipantRow)
      .findBy({ lessonId: lesson.id, removedAt: Not(IsNull()) });
    const students = await this.studentsOf(rows);
    return byName(
      rows.map(({ id, studentId, name }) => ({
        participantId: id,
        name: students.find((student) => student.id === studentId)?.name ?? name ?? '',
      })),
    );
  }

  /**
   * The participant under which a student works; made at the first visit. In groups that is the group's.
   * Refuses somebody who was removed.
   */
  async enter(lesson: LessonRow, student: StudentRow): Promise<ParticipantRow> {
    const own = { lessonId: lesson.id, studentId: student.id };
    const isGrouped = lesson.workMode === 'copy-per-group' && student.groupName !== '';
    const group = isGrouped ? await this.group(lesson.id, student.groupName) : null;
    const made = await this.insert({ id: newId(), ...own, name: null, isGroup: false, worksIn: group?.id ?? null });
    if (made) return made;
    const known = await this.database.getRepository(ParticipantRow).findOneByOrFail(own);
    if (known.removedAt) throw refuse(403, 'removed');
    return known;
  }

  /** A guest's participant; refuses a name that somebody in the lesson, or in its class, is known by. */
  async enterAsGuest(lesson: LessonRow, name: string): Promise<ParticipantRow> {
    const guests = await this.database
      .getRepository(ParticipantRow)
      .findBy({ lessonId: lesson.id, studentId: IsNull(), removedAt: IsNull() });
    if (guests.length >= MOST_GUESTS) throw refuse(409, 'full');
    if (guests.some((guest) => isSameName(guest.name ?? '', name))) throw nameTaken('name-in-use');
    if (await this.isKnownInClass(lesson, name)) throw nameTaken('name-on-list');
    const guest = { id: newId(), lessonId: lesson.id, studentId: null, name, isGroup: false, worksIn: null };
    const made = await this.insert(guest);
    // Two of the same name may come in at once.
    if (!made) throw nameTaken('name-in-use');
    return made;
  }

  /** The ids under which work of a lesson is kept. */
  async workIds(lessonId: string): Promise<string[]> {
    const rows = await this.database
      .getRepository(ParticipantRow)
      .findBy({ lessonId, worksIn: IsNull(), removedAt: IsNull() });
    return rows.map(({ id }) => id);
  }

  /** The same with those who were removed, for when a lesson goes as a whole. */
  async allWorkIds(lessonId: string): Promise<string[]> {
    const rows = await this.database.getRepository(ParticipantRow).findBy({ lessonId, worksIn: IsNull() });
    return rows.map(({ id }) => id);
  }

  /** The names of the classes that lessons were handed to, by the classes' ids. */
  async classNames(lessons: readonly LessonRow[]): Promise<ReadonlyMap<string, string>> {
    const ids = [...new Set(lessons.flatMap(({ classId }) => classId ?? []))];
    const classes = await this.database.getRepository(ClassRow).findBy({ id: In(ids) });
    return new Map(classes.map(({ id, name }) => [id, name]));
  }

  /** The name of the class a lesson was handed to; '' for anybody. */
  async classNameOf(lesson: LessonRow): Promise<string> {
    return (await this.classNames([lesson])).get(lesson.classId ?? '') ?? '';
  }

  /** What somebody in a lesson, and its class, are called; '' for no class. */
  async namesOf(
    { studentId, name }: ParticipantRow,
    { classId }: LessonRow,
  ): Promise<{ name: string; className: string }> {
    if (studentId === null && classId === null) return { name: name ?? '', className: '' };
    const [row] = await this.database.query<{ student: string | null; className: string | null }[]>(
      `SELECT (SELECT name FROM student WHERE id = $1) AS student,
         (SELECT name FROM school_class WHERE id = $2) AS "className"`,
      [studentId, classId],
    );
    return { name: row?.student ?? name ?? '', className: row?.className ?? '' };
  }

  /** The names of those who work in a group, but for one of them. */
  async membersBeside(participant: ParticipantRow): Promise<string[]> {
    if (participant.worksIn === null) return [];
    const rows = await this.database
      .getRepository(ParticipantRow)
      .findBy({ worksIn: participant.worksIn, id: Not(participant.id), removedAt: IsNull() });
    return byName(await this.studentsOf(rows)).map(({ name }) => name);
  }

  private studentsOf(rows: readonly ParticipantRow[]): Promise<StudentRow[]> {
    return this.database.getRepository(StudentRow).findBy({ id: In(rows.flatMap(({ studentId }) => studentId ?? [])) });
  }

  /** Whether a name is that of a student or of a group of the lesson's class. */
  private async isKnownInClass({ classId }: LessonRow, name: string): Promise<boolean> {
    if (classId === null) return false;
    const students = await this.database.getRepository(StudentRow).findBy({ classId });
    return students.some((student) => isSameName(student.name, name) || isSameName(student.groupName, name));
  }

  /** The participant of a group; made when its first member comes in. */
  private async group(lessonId: string, name: string): Promise<ParticipantRow> {
    const made = await this.insert({ id: newId(), lessonId, studentId: null, name, isGroup: true, worksIn: null });
    if (made) return made;
    return this.database.getRepository(ParticipantRow).findOneByOrFail({ lessonId, isGroup: true, name });
  }

  /** Somebody who is in the lesson from now on; `null` when they are already: two devices may come in at once. */
  private async insert(
    seat: Omit<ParticipantRow, 'joinedAt' | 'removedAt' | 'reached'>,
  ): Promise<ParticipantRow | null> {
    const row = { ...seat, joinedAt: new Date(), removedAt: null, reached: [] };
    const { id, lessonId, studentId, name, isGroup, joinedAt, worksIn } = row;
    const made = await this.database.query<unknown[]>(
      `INSERT INTO participant (id, lesson_id, student_id, name, is_group, joined_at, works_in)
       VALUES ($1, $2, $3, $4, $5, $6, $7) ON CONFLICT DO NOTHING RETURNING 1`,
      [id, lessonId, studentId, name, isGroup, joinedAt, worksIn],
    );
    return made.length > 0 ? row : null;
  }

  /** When the work in some lessons was changed the last time, by whose it is. */
  private async changedAt(lessonIds: readonly string[]): Promise<ReadonlyMap<string, Date>> {
    const rows = await this.database.query<{ id: string; at: Date }[]>(
      `SELECT participant.id, max(changed.at) AS at FROM participant
       JOIN (SELECT name, updated_at AS at FROM shared_document
             UNION ALL SELECT name, made_at FROM document_update) changed
         ON changed.name = 'work:' || participant.lesson_id || ':' || participant.id
       WHERE participant.lesson_id = ANY($1) GROUP BY participant.id`,
      [lessonIds],
    );
    return new Map(rows.map(({ id, at }) => [id, at]));
  }

  /** Everything about the people of lessons, by their ids; a query a table, however many lessons there are. */
  private async peopleIn(lessons: readonly LessonRow[]): Promise<ReadonlyMap<string, People>> {
    const lessonIds = lessons.map(({ id }) => id);
    if (lessonIds.length === 0) return new Map();
    const inLessons = `participant.lessonId IN (:...lessonIds)`;
    const classIds = [...new Set(lessons.flatMap(({ classId }) => classId ?? []))];
    const [participants, classmates, submissions, reviews, changed] = await Promise.all([
      this.database.getRepository(ParticipantRow).findBy({ lessonId: In(lessonIds) }),
      this.database.getRepository(StudentRow).findBy({ classId: In(classIds) }),
      this.database
        .getRepository(SubmissionRow)
        .createQueryBuilder('submission')
        .select(['submission.id', 'submission.participantId', 'submission.number', 'submission.submittedAt'])
        .addSelect(['submission.takenBackAt', 'submission.key'])
        .innerJoin(ParticipantRow, 'participant', 'participant.id = submission.participantId')
        .where(inLessons, { lessonIds })
        .getMany(),
      this.database
        .getRepository(ReviewRow)
        .createQueryBuilder('review')
        .select(['review.participantId', 'review.releasedAt', 'review.returnedAt'])
        .innerJoin(ParticipantRow, 'participant', 'participant.id = review.participantId')
        .where(inLessons, { lessonIds })
        .getMany(),
      this.changedAt(lessonIds),
    ]);
    const strayed = participants.flatMap(({ studentId }) =>
      studentId === null || classmates.some(({ id }) => id === studentId) ? [] : [studentId],
    );
    const moved = await this.database.getRepository(StudentRow).findBy({ id: In(strayed) });
    const joinedIn = groupBy(participants, ({ lessonId }) => lessonId);
    const tries = groupBy(submissions, ({ participantId }) => participantId);
    const said = new Map(reviews.map((review) => [review.participantId, review]));
    const inClass = groupBy(classmates, ({ classId }) => classId);
    const known = new Map([...classmates, ...moved].map((student) => [student.id, student]));
    return new Map(
      lessons.map((lesson): [string, People] => {
        const joined = joinedIn.get(lesson.id) ?? [];
        const invited = lesson.classId === null ? [] : invitedOf(lesson, inClass.get(lesson.classId) ?? []);
        const others = joined.flatMap(({ studentId }) =>
          studentId === null || invited.some(({ id }) => id === studentId) ? [] : (known.get(studentId) ?? []),
        );
        return [lesson.id, { students: [...invited, ...others], joined, submissions: tries, reviews: said, changed }];
      }),
    );
  }
}

const NOBODY: People = { students: [], joined: [], submissions: new Map(), reviews: new Map(), changed: new Map() };

function groupBy<T>(values: readonly T[], keyOf: (value: T) => string): ReadonlyMap<string, readonly T[]> {
  const groups = new Map<string, T[]>();
  for (const value of values) {
    const group = groups.get(keyOf(value));
    if (group) group.push(value);
    else groups.set(keyOf(value), [value]);
  }
  return groups;
}

/** Those of a class to whom a lesson was handed, by name; those of the same name told apart. */
function invitedOf({ terms }: LessonRow, classmates: readonly StudentRow[]): StudentRow[] {
  const { students } = readTerms(terms);
  const names = namesApart(classmates);
  const named = classmates.map((row) => ({ ...row, name: names.get(row.id) ?? row.name }));
  return byName(students === null ? named : named.filter(({ id }) => students.includes(id)));
}

/** Everybody's rows on the board. */
function rowsOf(lesson: LessonRow, people: People): ParticipantView[] {
  const terms = readTerms(lesson.terms);
  const view = (entry: Entry) => viewOf(entry, people, terms);
  const memberOf = new Map(people.joined.flatMap((row) => (row.worksIn ? [[row.studentId, row.worksIn]] : [])));
  const removed = new Set(people.joined.flatMap((row) => (row.removedAt && row.studentId ? [row.studentId] : [])));
  const alone = people.students
    .filter((student) => !memberOf.has(student.id) && !removed.has(student.id))
    .map((student) => {
      const joined = people.joined.find((row) => row.studentId === student.id);
      return view({ key: student.id, name: student.name, group: student.groupName, joined, members: [] });
    });
  const others = people.joined
    .filter((row) => row.studentId === null && row.removedAt === null)
    .map((row) => {
      const members = people.joined.filter(({ worksIn, removedAt }) => worksIn === row.id && removedAt === null);
      const group = row.isGroup ? (row.name ?? '') : '';
      const named = byName(members.flatMap((member) => memberView(member, people.students)));
      return view({ key: row.id, name: row.name ?? '', group, joined: row, members: named });
    });
  return byName([...others, ...alone]);
}

/** One row in the making. */
interface Entry {
  readonly key: string;
  readonly name: string;
  readonly group: string;
  readonly joined: ParticipantRow | undefined;
  readonly members: readonly MemberView[];
}

function memberView({ id, studentId }: ParticipantRow, students: readonly StudentRow[]): MemberView[] {
  const student = students.find((each) => each.id === studentId);
  return student ? [{ participantId: id, studentId: student.id, name: student.name }] : [];
}

function nameTaken(code: 'name-in-use' | 'name-on-list') {
  return refuse(409, code, { name: code });
}

function viewOf({ key, name, group, joined, members }: Entry, people: People, terms: LessonTerms): ParticipantView {
  const tries = people.submissions.get(joined?.id ?? '') ?? [];
  const standing = tries.find((row) => row.takenBackAt === null);
  const review = people.reviews.get(joined?.id ?? '');
  return {
    key,
    name,
    group,
    members,
    isGuest: joined?.studentId === null && !joined.isGroup,
    participantId: joined?.id ?? null,
    joinedAt: joined?.joinedAt.toISOString() ?? null,
    changedAt: people.changed.get(joined?.id ?? '')?.toISOString() ?? null,
    submission: standing ? submissionView(standing, terms) : null,
    tries: tries.length,
    releasedAt: review?.releasedAt?.toISOString() ?? null,
    returnedAt: review?.returnedAt?.toISOString() ?? null,
  };
}

/** A submission as it is told. */
export function submissionView(
  { number, submittedAt, key }: Pick<SubmissionRow, 'number' | 'submittedAt' | 'key'>,
  terms: LessonTerms,
): SubmissionView {
  return {
    number,
    submittedAt: submittedAt.toISOString(),
    late: isLate(terms, submittedAt.getTime()),
    collected: isCollected({ key }),
  };
}
