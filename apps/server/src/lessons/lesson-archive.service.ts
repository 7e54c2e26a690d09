/** Keeping: a lesson taken along as a file; a student's data told and erased. */
import type { StudentData } from '@gobrel/contract';
import { type Deck, filesIn, type Item, itemsOf, nameOf, picturesIn, slidesInOrder } from '@gobrel/core/deck';
import { readTerms, withoutParticipant } from '@gobrel/core/lesson';
import { BACKUP_FORMAT, BACKUP_VERSION, type BackupManifest, backupSchema, contentFile } from '@gobrel/core/formats';
import { givenFor, isQuestion } from '@gobrel/core/questions';
import { marksWith, readReview, type Review } from '@gobrel/core/review';
import type { Work } from '@gobrel/core/work';
import { formatDocumentName, readLessonDocument, readWorkDocument, writeLessonChange } from '@gobrel/core/shared-doc';
import type { Writable } from 'node:stream';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In, IsNull } from 'typeorm';
import { AttemptsService } from '../accounts/index.js';
import { OutsideIdentitiesService } from '../arriving/index.js';
import { AuditService } from '../audit/index.js';
import {
  ClassRow,
  LessonRow,
  ParticipantRow,
  PictureRow,
  ReviewRow,
  StoredFileRow,
  StudentRow,
  SubmissionRow,
} from '../database/index.js';
import { notFound } from '../errors/index.js';
import { FilesService, ZipStream } from '../files/index.js';
import { DocumentRemovalService, EditionsService, SeatsService, SyncService } from '../sync/index.js';
import { KeptPagesService } from './kept-pages.service.js';
import { LessonsService } from './lessons.service.js';

@Injectable()
export class LessonArchiveService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly lessons: LessonsService,
    private readonly editions: EditionsService,
    private readonly sync: SyncService,
    private readonly documents: DocumentRemovalService,
    private readonly seats: SeatsService,
    private readonly attempts: AttemptsService,
    private readonly audit: AuditService,
    private readonly keptPages: KeptPagesService,
    private readonly files: FilesService,
    private readonly identities: OutsideIdentitiesService,
  ) {}

  /**
   * A lesson with everything in it as a ZIP file of JSON: the edition, who was in, their work, submissions and
   * reviews, and the pictures and files of the slides as they are.
   */
  async file(teacherId: string, lessonId: string): Promise<{ name: string; write: (out: Writable) => Promise<void> }> {
    const { editionHash } = await this.lessons.led(teacherId, lessonId);
    await this.audit.note({ act: 'lesson exported', by: teacherId, place: lessonId });
    const told = await this.told(teacherId, lessonId);
    const edition = await this.editions.get(editionHash);
    return { name: `${edition.title || 'lesson'}.zip`, write: (out) => this.write(told, edition, out) };
  }

  private async write(told: Readonly<Record<string, unknown>>, edition: Deck, out: Writable): Promise<void> {
    const zip = new ZipStream(out);
    for (const [file, value] of Object.entries(told)) await zip.json(file, value);
    const contents: BackupManifest['contents'][number][] = [];
    for (const id of picturesIn(edition)) {
      const picture = await this.database.getRepository(PictureRow).findOneBy({ id });
      if (!picture) continue;
      const file = contentFile('picture', id);
      contents.push({ id, kind: 'picture', file, bytes: picture.bytes.length, mediaType: picture.mediaType });
      await zip.bytes(file, [picture.bytes]);
    }
    for (const row of await this.database.getRepository(StoredFileRow).findBy({ id: In([...filesIn(edition)]) })) {
      const file = contentFile('file', row.id);
      const mediaType = row.mediaType ?? 'application/octet-stream';
      contents.push({ id: row.id, kind: 'file', file, bytes: row.size, mediaType });
      await zip.bytes(file, this.files.bytesOf(row));
    }
    const manifest: BackupManifest = {
      format: BACKUP_FORMAT,
      version: BACKUP_VERSION,
      made: new Date().toISOString(),
      decks: [],
      contents,
      lessons: [{ folder: '', title: edition.title }],
    };
    await zip.json('backup.json', manifest);
    await zip.json('schema.json', backupSchema);
    zip.end();
  }

  /** What a lesson holds, as values for JSON files by their names: the edition, who was in, their work, what was said to it. */
  async told(teacherId: string, lessonId: string): Promise<Readonly<Record<string, unknown>>> {
    const row = await this.lessons.led(teacherId, lessonId);
    const [lesson, works, edition] = await Promise.all([
      this.lessons.get(teacherId, lessonId),
      this.lessons.works(lessonId),
      this.editions.get(row.editionHash),
    ]);
    const ids = works.map(({ participantId }) => participantId);
    const [submissions, reviews, state] = await Promise.all([
      this.database.getRepository(SubmissionRow).find({ where: { participantId: In(ids) }, order: { number: 'ASC' } }),
      this.database.getRepository(ReviewRow).findBy({ participantId: In(ids) }),
      this.sync.read(formatDocumentName({ kind: 'lesson', lessonId })),
    ]);
    return {
      'lesson.json': { ...lesson, terms: readTerms(row.terms), state: readLessonDocument(state) },
      'edition.json': edition,
      'work.json': Object.fromEntries(works.map(({ participantId, work }) => [participantId, work])),
      'submissions.json': submissions,
      'reviews.json': reviews,
    };
  }

  /** Everything that is kept about a student: who they are, their lessons, work, submissions and reviews. */
  async dataOf(teacherId: string, classId: string, studentId: string): Promise<StudentData> {
    const { student, joined } = await this.student(teacherId, classId, studentId);
    await this.audit.note({ act: 'student exported', by: teacherId, subject: studentId, place: classId });
    const lessons = await Promise.all(
      joined.map(async ({ id, worksIn, lessonId, joinedAt }) => {
        const participantId = worksIn ?? id;
        const [lesson, submissions, review] = await Promise.all([
          this.database.getRepository(LessonRow).findOneByOrFail({ id: lessonId }),
          this.database.getRepository(SubmissionRow).findBy({ participantId }),
          this.database.getRepository(ReviewRow).findOneBy({ participantId }),
        ]);
        const work = readWorkDocument(
          await this.sync.read(formatDocumentName({ kind: 'work', lessonId, participantId })),
        );
        const edition = await this.editions.get(lesson.editionHash);
        const answers = answersIn(edition, work, readReview(review?.review));
        return {
          ...{ title: edition.title, joinedAt: joinedAt.toISOString(), workedInGroup: worksIn !== null, answers },
          ...{ work, submissions, review },
        };
      }),
    );
    const { name: className } = await this.database.getRepository(ClassRow).findOneByOrFail({ id: classId });
    return {
      ...{ name: student.name, className, group: student.groupName, rosterId: student.rosterId },
      ...{ signsInBy: await this.identities.ofStudent(studentId), lessons },
    };
  }

  /** Erases a student with everything they did. What a group did stays with the others of the group. */
  async erase(teacherId: string, classId: string, studentId: string): Promise<void> {
    await this.student(teacherId, classId, studentId);
    await this.audit.note({ act: 'student erased', by: teacherId, place: classId });
    await this.purgeStudent(studentId);
  }

  /** Erases a student, whoever wishes it. */
  async purgeStudent(studentId: string): Promise<void> {
    const joined = await this.database.getRepository(ParticipantRow).findBy({ studentId });
    const names = joined
      .filter(({ worksIn }) => worksIn === null)
      .map(({ id, lessonId }) => formatDocumentName({ kind: 'work', lessonId, participantId: id }));
    const seats = joined.map(({ id }) => id);
    await this.keptPages.eraseOf(studentId);
    await this.database.getRepository(StudentRow).delete({ id: studentId });
    await this.attempts.forget(`student:${studentId}`);
    await this.seats.end(seats);
    await this.documents.remove(names);
    for (const { id, lessonId } of joined) await this.leaveLesson(lessonId, id);
    await this.audit.forget([studentId, ...seats]);
  }

  /** Takes somebody out of what a lesson says of who shows, would like to, or asked something. */
  private async leaveLesson(lessonId: string, participantId: string): Promise<void> {
    const name = formatDocumentName({ kind: 'lesson', lessonId });
    const change = withoutParticipant(readLessonDocument(await this.sync.read(name)), participantId);
    if (Object.keys(change).length > 0) await this.sync.change(name, (doc) => writeLessonChange(doc, change));
  }

  private async student(teacherId: string, classId: string, studentId: string) {
    const mine = await this.database.getRepository(ClassRow).existsBy({ id: classId, teacherId, deletedAt: IsNull() });
    const student = mine && (await this.database.getRepository(StudentRow).findOneBy({ id: studentId, classId }));
    if (!student) throw notFound('student');
    return { student, joined: await this.database.getRepository(ParticipantRow).findBy({ studentId }) };
  }
}

/** What somebody answered, as it can be read. What a teacher said by voice is left out. */
function answersIn(edition: Deck, work: Work, review: Review): StudentData['lessons'][number]['answers'] {
  const { items } = marksWith(review, edition, work);
  return slidesInOrder(edition).flatMap(({ id }) =>
    itemsOf(edition, id).flatMap((item) => {
      if (!isQuestion(item) || item.hidden) return [];
      const mark = items[item.id];
      const known = mark && mark.verdict !== 'unmarked' ? { points: mark.points, outOf: mark.outOf } : null;
      const question = 'prompt' in item ? item.prompt : nameOf(item);
      return [
        { question, given: readable(item, work, edition), mark: known, why: review.overruled[item.id]?.why ?? '' },
      ];
    }),
  );
}

/** What was given for a question, in words: of a choice what it says, and not only its letter. */
function readable(item: Item, work: Work, edition: Deck): string {
  const answer = work.answers[item.id];
  if (item.kind !== 'choice' || answer?.kind !== 'choice') return givenFor(item, work, edition);
  const picked = item.choices.filter(({ id }) => answer.picked.includes(id));
  return picked.map(({ text }) => text).join('; ');
}
