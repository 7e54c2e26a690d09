/** Lessons as their teacher runs them: handing out, who is in, how it stands, closing. */
import type { HandOut, LessonMarks, LessonSummary, LessonView, ParticipantView } from '@gobrel/contract';
import { type Deck, newId, contentsIn, withoutHidden } from '@gobrel/core/deck';
import { markWork } from '@gobrel/core/questions';
import { formatDocumentName, readWorkDocument } from '@gobrel/core/shared-doc';
import { type Recording, withoutSounds } from '@gobrel/core/work';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In, IsNull } from 'typeorm';
import { ClassRow, LessonRow, ParticipantRow, StudentRow, SubmissionRow } from '../database/index.js';
import { coverOf, LibraryService } from '../decks/index.js';
import { notFound } from '../errors/index.js';
import { ContentAccessService } from '../pictures/index.js';
import { DocumentAccessService, EditionsService, SyncService } from '../sync/index.js';
import { newJoinCode } from './join-code.js';

@Injectable()
export class LessonsService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly library: LibraryService,
    private readonly editions: EditionsService,
    private readonly sync: SyncService,
    private readonly pictures: ContentAccessService,
    private readonly access: DocumentAccessService,
  ) {}

  /** Freezes a deck into an edition and opens a lesson with it. */
  async handOut(teacherId: string, order: HandOut): Promise<LessonView> {
    const deck = await this.library.present(teacherId, order.deckId);
    const known = await this.database.getRepository(ClassRow).existsBy({ id: order.classId, teacherId });
    if (!known) throw notFound('class');
    await this.pictures.keepFor(teacherId, contentsIn(deck));
    const editionHash = await this.editions.freeze(withoutHidden(deck));
    const id = newId();
    const row = {
      id,
      teacherId,
      classId: order.classId,
      editionHash,
      workMode: order.workMode,
      pace: order.pace,
      openedAt: new Date(),
      closedAt: null,
      held: false,
    };
    let inserted = false;
    while (!inserted) {
      const result = await this.database
        .createQueryBuilder()
        .insert()
        .into(LessonRow)
        .values({ ...row, code: newJoinCode() })
        .orIgnore()
        .returning('id')
        .execute();
      inserted = (result.raw as unknown[]).length > 0;
    }
    return this.get(teacherId, id);
  }

  /** A teacher's lessons, running ones first, then the newest first. */
  async list(teacherId: string): Promise<LessonSummary[]> {
    const lessons = await this.database
      .getRepository(LessonRow)
      .createQueryBuilder('lesson')
      .where('lesson.teacherId = :teacherId', { teacherId })
      .orderBy('lesson.closedAt', 'DESC', 'NULLS FIRST')
      .addOrderBy('lesson.openedAt', 'DESC')
      .getMany();
    return Promise.all(
      lessons.map(async (lesson) => {
        const [view, edition] = await Promise.all([this.view(lesson), this.editions.get(lesson.editionHash)]);
        const { participants, ...rest } = view;
        return {
          ...rest,
          students: participants.length,
          joined: participants.filter((participant) => participant.participantId !== null).length,
          submitted: participants.filter((participant) => participant.submission !== null).length,
          cover: coverOf(edition),
        };
      }),
    );
  }

  /** A lesson with everybody of its class. */
  async get(teacherId: string, id: string): Promise<LessonView> {
    return this.view(await this.led(teacherId, id));
  }

  /** The edition with its answer keys, for the teacher. */
  async edition(teacherId: string, id: string): Promise<Deck> {
    return this.editions.get((await this.led(teacherId, id)).editionHash);
  }

  /** Everybody's present work with its marks. */
  async marks(teacherId: string, id: string): Promise<LessonMarks> {
    const lesson = await this.led(teacherId, id);
    const edition = await this.editions.get(lesson.editionHash);
    const participants = await this.database.getRepository(ParticipantRow).findBy({ lessonId: id });
    const entries = participants.map(async (participant) => {
      const name = formatDocumentName({ kind: 'work', lessonId: id, participantId: participant.id });
      const work = readWorkDocument(await this.sync.read(name));
      return [participant.id, { work: withoutSounds(work), marks: markWork(edition, work) }] as const;
    });
    return Object.fromEntries(await Promise.all(entries));
  }

  /** What a participant spoke to answer a question. */
  async sound(teacherId: string, id: string, participantId: string, itemId: string): Promise<Recording> {
    await this.led(teacherId, id);
    const work = readWorkDocument(
      await this.sync.read(formatDocumentName({ kind: 'work', lessonId: id, participantId })),
    );
    const answer = work.answers[itemId];
    if (answer?.kind !== 'sound' || answer.bytes === '') throw notFound('sound');
    return answer;
  }

  /** Holds answers, so that nobody changes any for the moment, or lets them be changed again. */
  async hold(teacherId: string, id: string, held: boolean): Promise<LessonView> {
    const lesson = await this.led(teacherId, id);
    if (lesson.closedAt === null && lesson.held !== held) {
      await this.database.getRepository(LessonRow).update({ id }, { held });
      const participants = await this.database.getRepository(ParticipantRow).findBy({ lessonId: id });
      for (const { id: participantId } of participants) {
        const name = formatDocumentName({ kind: 'work', lessonId: id, participantId });
        this.sync.setWriting(name, !held && (await this.access.mayWrite(participantId)));
      }
      this.sync.tell(formatDocumentName({ kind: 'lesson', lessonId: id }), { news: 'participants' });
    }
    return this.get(teacherId, id);
  }

  /** Closes a lesson: work stays as it is, and can be looked at. */
  async close(teacherId: string, id: string): Promise<LessonView> {
    const lesson = await this.led(teacherId, id);
    if (!lesson.closedAt) {
      await this.database.getRepository(LessonRow).update({ id }, { closedAt: new Date() });
      const participants = await this.database.getRepository(ParticipantRow).findBy({ lessonId: id });
      for (const participant of participants) {
        this.sync.setWriting(formatDocumentName({ kind: 'work', lessonId: id, participantId: participant.id }), false);
      }
      this.sync.tell(formatDocumentName({ kind: 'lesson', lessonId: id }), { news: 'participants' });
    }
    return this.get(teacherId, id);
  }

  private async led(teacherId: string, id: string): Promise<LessonRow> {
    const lesson = await this.database.getRepository(LessonRow).findOneBy({ id, teacherId });
    if (!lesson) throw notFound('lesson');
    return lesson;
  }

  private async view(lesson: LessonRow): Promise<LessonView> {
    const [schoolClass, students, joined, edition] = await Promise.all([
      this.database.getRepository(ClassRow).findOneBy({ id: lesson.classId }),
      this.database.getRepository(StudentRow).find({ where: { classId: lesson.classId }, order: { name: 'ASC' } }),
      this.database.getRepository(ParticipantRow).findBy({ lessonId: lesson.id }),
      this.editions.get(lesson.editionHash),
    ]);
    const submissions = await this.database
      .getRepository(SubmissionRow)
      .findBy({ participantId: In(joined.map((participant) => participant.id)), takenBackAt: IsNull() });
    const participants = students.map((student): ParticipantView => {
      const participant = joined.find((row) => row.studentId === student.id);
      const submission = submissions.find((row) => row.participantId === participant?.id);
      return {
        studentId: student.id,
        name: student.name,
        participantId: participant?.id ?? null,
        joinedAt: participant?.joinedAt.toISOString() ?? null,
        submission: submission
          ? { number: submission.number, submittedAt: submission.submittedAt.toISOString() }
          : null,
      };
    });
    return {
      id: lesson.id,
      title: edition.title,
      className: schoolClass?.name ?? '',
      code: lesson.code,
      openedAt: lesson.openedAt.toISOString(),
      closedAt: lesson.closedAt?.toISOString() ?? null,
      held: lesson.held,
      participants,
    };
  }
}
