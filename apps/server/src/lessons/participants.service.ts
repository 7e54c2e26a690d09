/** Who is in a lesson: students of its class, guests, and groups that work together. */
import type { ParticipantView, SubmissionView } from '@gobrel/contract';
import { newId } from '@gobrel/core/deck';
import { byName, isLate, namesApart, type LessonTerms, readTerms } from '@gobrel/core/lesson';
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
    const grouped = new Set(people.joined.flatMap(({ worksIn }) => worksIn ?? []));
    const memberOf = new Map(people.joined.flatMap((row) => (row.worksIn ? [[row.studentId, row.worksIn]] : [])));
    const alone = people.students
      .filter((student) => !memberOf.has(student.id))
      .map((student) => {
        const joined = people.joined.find((row) => row.studentId === student.id);
        return view({ key: student.id, name: student.name, group: student.groupName, joined, members: [] });
      });
    const others = people.joined
      .filter((row) => row.studentId === null)
      .map((row) => {
        const members = people.students.filter(({ id }) => memberOf.get(id) === row.id).map(({ name }) => name);
        const group = grouped.has(row.id) ? (row.name ?? '') : '';
        return view({ key: row.id, name: row.name ?? '', group, joined: row, members });
      });
    return byName([...others, ...alone]);
  }

  /** The participant under which a student works; made at the first visit. In groups that is the group's. */
  async enter(lesson: LessonRow, student: StudentRow): Promise<ParticipantRow> {
    const own = { lessonId: lesson.id, studentId: student.id };
    const known = await this.database.getRepository(ParticipantRow).findOneBy(own);
    if (known) return known;
    const isGrouped = lesson.workMode === 'copy-per-group' && student.groupName !== '';
    const group = isGrouped
      ? await this.add({ lessonId: lesson.id, studentId: null, name: student.groupName, worksIn: null })
      : null;
    return this.add({ ...own, name: null, worksIn: group?.id ?? null });
  }

  /** A guest's participant; `null` when somebody of that name is in already. */
  async enterAsGuest(lesson: LessonRow, name: string): Promise<ParticipantRow | null> {
    const guests = { lessonId: lesson.id, studentId: IsNull() };
    if ((await this.database.getRepository(ParticipantRow).countBy(guests)) >= MOST_GUESTS)
      throw refuse(409, 'full', 'No more guests fit into this lesson. Ask the teacher.');
    const id = newId();
    const row = await this.add({ id, lessonId: lesson.id, studentId: null, name, worksIn: null });
    return row.id === id ? row : null;
  }

  /** The ids under which work of a lesson is kept. */
  async workIds(lessonId: string): Promise<string[]> {
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
      .findBy({ worksIn: participant.worksIn, id: Not(participant.id) });
    const students = await this.database
      .getRepository(StudentRow)
      .findBy({ id: In(rows.flatMap(({ studentId }) => studentId ?? [])) });
    return byName(students).map(({ name }) => name);
  }

  private async add(row: Omit<ParticipantRow, 'id' | 'joinedAt'> & { id?: string }): Promise<ParticipantRow> {
    const participants = this.database.getRepository(ParticipantRow);
    const { lessonId, studentId, name } = row;
    // Two devices may come in at once: the second finds what the first has made.
    await participants
      .createQueryBuilder()
      .insert()
      .values({ id: newId(), ...row, joinedAt: new Date() })
      .orIgnore()
      .execute();
    if (studentId !== null) return participants.findOneByOrFail({ lessonId, studentId });
    return participants.findOneByOrFail({ lessonId, studentId: IsNull(), name: name ?? '' });
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
        select: { participantId: true, number: true, submittedAt: true, takenBackAt: true },
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
  readonly members: readonly string[];
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
    isGuest: joined?.studentId === null && members.length === 0,
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
  { number, submittedAt }: Pick<SubmissionRow, 'number' | 'submittedAt'>,
  terms: LessonTerms,
): SubmissionView {
  return { number, submittedAt: submittedAt.toISOString(), late: isLate(terms, submittedAt.getTime()) };
}
