/** Coming into a lesson: by its code, one's name, and a PIN that is set at the first visit. */
import { type Join, type JoinAsGuest, type JoinView, plainCode, purposeOfGuest } from '@gobrel/contract';
import { isBeforeOpening, readTerms } from '@gobrel/core/lesson';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import type { Response } from 'express';
import { DataSource, IsNull } from 'typeorm';
import { AttemptsService, isDearPin, KnownDevicesService, SecretsService } from '../accounts/index.js';
import { OutsideIdentitiesService, WaitingArrivalsService } from '../arriving/index.js';
import { LessonRow, type ParticipantRow, StudentRow } from '../database/index.js';
import { notFound, refuse } from '../errors/index.js';
import { EditionsService } from '../sync/index.js';
import { ParticipantsService } from './participants.service.js';

/** Wrong codes that one address may try within a minute: a whole class sits behind one address. */
const MOST_WRONG_CODES = 60;

/** Guests who may come into one lesson for nothing from one network address within a minute. */
const MOST_GUESTS_AT_ONCE = 60;

/** Somebody in their lesson. */
export interface Seated {
  readonly lesson: LessonRow;
  readonly participant: ParticipantRow;
}

@Injectable()
export class JoiningService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly editions: EditionsService,
    private readonly attempts: AttemptsService,
    private readonly participants: ParticipantsService,
    private readonly secrets: SecretsService,
    private readonly devices: KnownDevicesService,
    private readonly identities: OutsideIdentitiesService,
    private readonly waiting: WaitingArrivalsService,
  ) {}

  /** What whoever has a code sees before they come in. */
  async look(code: string, address: string): Promise<JoinView> {
    const lesson = await this.openLesson(code, address);
    const [className, students, edition] = await Promise.all([
      this.participants.classNameOf(lesson),
      this.awaited(lesson),
      this.editions.get(lesson.editionHash),
    ]);
    return {
      title: edition.title,
      className,
      students: students.map(({ id, name, pinHash, groupName }) => ({
        id,
        name,
        hasPin: pinHash !== null,
        group: lesson.workMode === 'copy-per-group' ? groupName : '',
      })),
      guests: lesson.closedAt === null && readTerms(lesson.terms).guests,
      closed: lesson.closedAt !== null,
    };
  }

  /** The participant of a student of the class, who says their PIN; known on this device from then on. */
  async join(body: Join, address: string, cookies: string | undefined, response: Response): Promise<Seated> {
    const lesson = await this.openLesson(body.code, address);
    const student = await this.participants.invitedStudent(lesson, body.studentId);
    if (!student) throw notFound('seat');
    if (lesson.closedAt && !(await this.participants.studentsIn(lesson.id)).has(student.id)) throw closed();
    await this.checkPin(student, body.pin, cookies);
    await this.devices.remember(subjectOf(student), cookies, response);
    if (body.connects) await this.connect(student, cookies, response);
    return { lesson, participant: await this.participants.enter(lesson, student) };
  }

  /** Who may come into the lesson with a code. @throws ProblemException where nobody may */
  async awaitedAt(code: string, address: string): Promise<StudentRow[]> {
    return this.awaited(await this.openLesson(code, address));
  }

  /** The participant of one of those, who has shown who they are elsewhere. */
  async joinKnown(code: string, student: StudentRow, address: string): Promise<Seated> {
    const lesson = await this.openLesson(code, address);
    return { lesson, participant: await this.participants.enter(lesson, student) };
  }

  /** The participant of a guest, where the lesson lets guests in. */
  async joinAsGuest(body: JoinAsGuest, address: string): Promise<Seated> {
    const lesson = await this.openLesson(body.code, address);
    if (lesson.closedAt) throw closed();
    if (!readTerms(lesson.terms).guests) throw refuse(403, 'no-guests');
    const payment = { purpose: purposeOfGuest(body.code, body.name), paid: body.toll ?? '' };
    await this.attempts.countPaid(`guests:${lesson.id}:${address}`, MOST_GUESTS_AT_ONCE, payment);
    return { lesson, participant: await this.participants.enterAsGuest(lesson, body.name) };
  }

  /** Who may come in: those it was handed to; once it is closed only those who have been in, to look at their work. */
  private async awaited(lesson: LessonRow): Promise<StudentRow[]> {
    const students = await this.participants.invited(lesson);
    if (lesson.closedAt === null) return students;
    const joined = await this.participants.studentsIn(lesson.id);
    const present = students.filter(({ id }) => joined.has(id));
    if (present.length === 0) throw closed();
    return present;
  }

  private async openLesson(code: string, address: string): Promise<LessonRow> {
    const lesson = await this.database.getRepository(LessonRow).findOneBy({ code: plainCode(code) });
    if (!lesson) {
      // Only wrong codes are counted: whoever guesses behind an address keeps nobody there from coming in.
      await this.attempts.countWithin(`codes:${address}`, MOST_WRONG_CODES);
      throw refuse(404, 'no-such-code');
    }
    if (lesson.deletedAt) throw refuse(410, 'lesson-deleted-by-teacher');
    if (isBeforeOpening(readTerms(lesson.terms), Date.now())) throw refuse(409, 'not-open-yet');
    return lesson;
  }

  private async checkPin(student: StudentRow, pin: string, cookies: string | undefined): Promise<void> {
    const subject = subjectOf(student);
    if (student.pinHash === null) {
      if (await this.identities.isStudentKnown(student.id))
        throw refuse(403, 'through-school', { pin: 'through-school' });
      const pinHash = await this.secrets.hashPin(pin, subject);
      const set = await this.database
        .getRepository(StudentRow)
        .update({ id: student.id, pinHash: IsNull() }, { pinHash });
      // Guesses at a PIN before were forgotten with it.
      if (set.affected === 1) return;
      throw refuse(409, 'pin-just-set');
    }
    const countedBy = await this.devices.countedBy(subject, cookies);
    await this.attempts.countTry(countedBy);
    if (!(await this.secrets.matches(pin, student.pinHash, countedBy)))
      throw refuse(401, 'wrong-pin', { pin: 'wrong-pin' });
    await this.attempts.clear(countedBy);
    if (isDearPin(student.pinHash)) await this.storeAnew(student.id, student.pinHash, pin, subject);
  }

  /** Whoever came from their school's sign-in and has just shown which student they are is known from then on. */
  private async connect({ id }: StudentRow, cookies: string | undefined, response: Response): Promise<void> {
    const person = await this.waiting.waiting(cookies);
    if (!person) return;
    await this.identities.connectStudent(person, id);
    await this.waiting.end(cookies, response);
  }

  /** Stores a PIN that has just been shown to be right, unless another one was set meanwhile. */
  private async storeAnew(studentId: string, before: string, pin: string, owner: string): Promise<void> {
    const pinHash = await this.secrets.hashPin(pin, owner);
    await this.database.getRepository(StudentRow).update({ id: studentId, pinHash: before }, { pinHash });
  }
}

/** What tries at a student's PIN are counted by. */
function subjectOf({ id }: StudentRow): string {
  return `student:${id}`;
}

function closed() {
  return refuse(410, 'lesson-closed');
}
