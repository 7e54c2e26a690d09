/** Who is in a lesson: students of its class, guests, and groups that work together. */
import type { MemberView, ParticipantView, RemovedView, SubmissionView } from '@gobrel/contract';
import { newId } from '@gobrel/core/deck';
import { byName, isLate, isSameName, namesApart, type LessonTerms, readTerms } from '@gobrel/core/lesson';
import { formatDocumentName } from '@gobrel/core/shared-doc';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In, IsNull, Not } from 'typeorm';
import {
  ClassRow,
  LessonRow,
  ParticipantRow,
  ReviewRow,
  SharedDocumentRow,
  StudentRow,
  SubmissionRow,
} from '../database/index.js';
import { refuse } from '../errors/index.js';
import { isCollected } from './collected.js';

/** Whoever has the code could otherwise fill a lesson without end. */
const MOST_GUESTS = 300;

/** Everything about the people of one lesson, read together. */
interface People {
  readonly students: readonly StudentRow[];
  readonly joined: readonly ParticipantRow[];
  readonly submissions: readonly SubmissionRow[];
  readonly reviews: readonly ReviewRow[];
  /** When work was stored, by participant. */
  readonly changed: ReadonlyMap<string, Date>;
}

@Injectable()
export class ParticipantsService {
  constructor(@InjectDataSource() private readonly database: DataSource) {}

  /** The students a lesson was handed to, by name; those of the same name told apart. */
  async invited(lesson: LessonRow): Promise<StudentRow[]> {
    if (lesson.classId === null) return [];
    const { students } = readTerms(lesson.terms);
    const rows = await this.database.getRepository(StudentRow).findBy({ classId: lesson.classId });
    const names = namesApart(rows);
    const named = rows.map((row) => ({ ...row, name: names.get(row.id) ?? row.name }));
    return byName(students === null ? named : named.filter(({ id }) => students.includes(id)));
  }

  /** Everybody's rows on the board: those invited, those who came all the same, and groups for their members. */
  async list(lesson: LessonRow): Promise<ParticipantView[]> {
    const people = await this.people(lesson);
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
    const known = await this.database.getRepository(ParticipantRow).findOneBy(own);
    if (known?.removedAt)
      throw refuse(403, 'removed', 'You were removed from this lesson. Ask your teacher to let you in again.');
    if (known) return known;
    const isGrouped = lesson.workMode === 'copy-per-group' && student.groupName !== '';
    const group = isGrouped ? await this.group(lesson.id, student.groupName) : null;
    await this.insert({ id: newId(), ...own, name: null, isGroup: false, worksIn: group?.id ?? null });
    return this.database.getRepository(ParticipantRow).findOneByOrFail(own);
  }

  /** A guest's participant; refuses a name that somebody in the lesson, or in its class, is known by. */
  async enterAsGuest(lesson: LessonRow, name: string): Promise<ParticipantRow> {
    const guests = await this.database
      .getRepository(ParticipantRow)
      .findBy({ lessonId: lesson.id, studentId: IsNull(), removedAt: IsNull() });
    if (guests.length >= MOST_GUESTS)
      throw refuse(409, 'full', 'No more guests fit into this lesson. Ask the teacher.');
    if (guests.some((guest) => isSameName(guest.name ?? '', name))) throw nameTaken(NAME_IS_IN);
    if (await this.isKnownInClass(lesson, name)) throw nameTaken(NAME_IS_LISTED);
    const id = newId();
    await this.insert({ id, lessonId: lesson.id, studentId: null, name, isGroup: false, worksIn: null });
    // Two of the same name may come in at once: the second is not there then.
    const row = await this.database.getRepository(ParticipantRow).findOneBy({ id });
    if (!row) throw nameTaken(NAME_IS_IN);
    return row;
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

  /** The name of the class a lesson was handed to; '' for anybody. */
  async classNameOf(lesson: LessonRow): Promise<string> {
    if (lesson.classId === null) return '';
    return (await this.database.getRepository(ClassRow).findOneBy({ id: lesson.classId }))?.name ?? '';
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
    await this.insert({ id: newId(), lessonId, studentId: null, name, isGroup: true, worksIn: null });
    return this.database.getRepository(ParticipantRow).findOneByOrFail({ lessonId, isGroup: true, name });
  }

  /** Two devices may come in at once: the second finds what the first has made. */
  private async insert(row: Omit<ParticipantRow, 'joinedAt' | 'removedAt'>): Promise<void> {
    await this.database
      .getRepository(ParticipantRow)
      .createQueryBuilder()
      .insert()
      .values({ ...row, joinedAt: new Date(), removedAt: null })
      .orIgnore()
      .execute();
  }

  private async people(lesson: LessonRow): Promise<People> {
    const joined = await this.database.getRepository(ParticipantRow).findBy({ lessonId: lesson.id });
    const ids = joined.map(({ id }) => id);
    const invited = await this.invited(lesson);
    const strayed = joined.flatMap(({ studentId }) =>
      studentId === null || invited.some(({ id }) => id === studentId) ? [] : [studentId],
    );
    const names = ids.map((participantId) => formatDocumentName({ kind: 'work', lessonId: lesson.id, participantId }));
    const [moved, submissions, reviews, documents] = await Promise.all([
      this.database.getRepository(StudentRow).findBy({ id: In(strayed) }),
      this.database.getRepository(SubmissionRow).find({
        where: { participantId: In(ids) },
        select: { participantId: true, number: true, submittedAt: true, takenBackAt: true, key: true },
      }),
      this.database.getRepository(ReviewRow).find({
        where: { participantId: In(ids) },
        select: { participantId: true, releasedAt: true, returnedAt: true },
      }),
      this.database
        .getRepository(SharedDocumentRow)
        .find({ where: { name: In(names) }, select: { name: true, updatedAt: true } }),
    ]);
    const changed = new Map(documents.map(({ name, updatedAt }) => [name.split(':')[2] ?? '', updatedAt]));
    return { students: [...invited, ...moved], joined, submissions, reviews, changed };
  }
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

const NAME_IS_IN = 'Somebody of this name is in already. Add the first letter of your family name.';
const NAME_IS_LISTED =
  'This name is on the class list. If it is yours, pick it there; if not, add the first letter of your family name.';

function nameTaken(message: string) {
  return refuse(409, 'name-taken', message, { name: message });
}

function viewOf({ key, name, group, joined, members }: Entry, people: People, terms: LessonTerms): ParticipantView {
  const tries = people.submissions.filter((row) => row.participantId === joined?.id);
  const standing = tries.find((row) => row.takenBackAt === null);
  const review = people.reviews.find((row) => row.participantId === joined?.id);
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
