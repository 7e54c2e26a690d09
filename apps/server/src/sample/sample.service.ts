/** Loads the sample scenario into an empty database. */
import { createHash } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import type { DeckSummary } from '@gobrel/contract';
import {
  type DemoScenario,
  DRAWN,
  drawings,
  fromLibrary,
  makeScenario,
  media,
  nightWalk,
  type StoredMedia,
} from '@gobrel/demo';
import { newId } from '@gobrel/core/deck';
import { markWork } from '@gobrel/core/questions';
import { encodeWork, formatDocumentName } from '@gobrel/core/shared-doc';
import { Inject, Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, type EntityManager } from 'typeorm';
import { hashPassword, hashPin } from '../accounts/index.js';
import {
  ClassRow,
  LessonRow,
  ParticipantRow,
  ReviewRow,
  ShareLookRow,
  ShareRow,
  SharedDocumentRow,
  StudentRow,
  SubmissionRow,
  TeacherRow,
  inTurns,
} from '../database/index.js';
import { InvitationsService, LibraryService } from '../decks/index.js';
import { FilesService } from '../files/index.js';
import { PICTURE_SOURCE, type PictureSource } from '../picture-library/index.js';
import { PicturesService } from '../pictures/index.js';
import { PLACE, type Place } from '../place.js';
import { SharesService } from '../sharing/index.js';
import { EditionsService } from '../sync/index.js';
import { SampleSchoolService } from './sample-school.service.js';

/** Where the application is while nobody says otherwise: what the sample's mail leads to. */
const SITE = 'http://127.0.0.1:4170';

const NOT_STORED: StoredMedia = { file: '', fileName: '', bytes: 0, seconds: 0, credit: DRAWN };

@Injectable()
export class SampleService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly pictures: PicturesService,
    private readonly files: FilesService,
    private readonly library: LibraryService,
    private readonly editions: EditionsService,
    private readonly shares: SharesService,
    private readonly invitations: InvitationsService,
    private readonly school: SampleSchoolService,
    @Inject(PICTURE_SOURCE) private readonly pictureLibrary: PictureSource,
    @Inject(PLACE) private readonly place: Place,
  ) {}

  /** Loads the scenario unless somebody has an account already; says whether it did. */
  loadIntoEmptyDatabase(): Promise<boolean> {
    return inTurns(this.database, 'starting', () => this.load());
  }

  private async load(): Promise<boolean> {
    if (await this.database.getRepository(TeacherRow).exists()) return false;
    const pictureIds: Record<string, string> = {};
    const files: Record<string, StoredMedia> = {};
    const told = () =>
      makeScenario(
        (name) => pictureIds[name] ?? '',
        (name) => files[name] ?? NOT_STORED,
      );
    const scenario = told();
    for (const teacher of [scenario.teacher, ...scenario.school.colleagues]) await this.writeTeacher(teacher);
    for (const [name, drawing] of Object.entries(scenario.drawings)) {
      pictureIds[name] = (await this.pictures.keep(Buffer.from(drawing), scenario.teacher.id)).id;
    }
    for (const name of Object.keys(fromLibrary)) {
      const bytes = await this.pictureLibrary.picture(name, 'whole');
      pictureIds[name] = (await this.pictures.keep(bytes, scenario.teacher.id)).id;
    }
    for (const [name, each] of Object.entries(media)) {
      const bytes = each.bytes instanceof URL ? await readFile(each.bytes) : Buffer.from(each.bytes);
      const { id } = await this.files.keepBytes(bytes, each.fileName, scenario.teacher.id);
      files[name] = { file: id, fileName: each.fileName, bytes: bytes.length, seconds: each.seconds, credit: DRAWN };
    }
    await this.write(told());
    return true;
  }

  /** The story of the scenario as a deck of somebody's own, to look around in. */
  async deckFor(teacherId: string): Promise<DeckSummary> {
    const pictureIds: Record<string, string> = {};
    for (const [name, drawing] of Object.entries(drawings))
      pictureIds[name] = (await this.pictures.keep(Buffer.from(drawing), teacherId)).id;
    return this.library.keep(
      teacherId,
      nightWalk((name) => pictureIds[name] ?? ''),
    );
  }

  private async writeTeacher({ id, name, email, password }: DemoScenario['teacher']): Promise<void> {
    const passwordHash = await hashPassword(password);
    await this.database.getRepository(TeacherRow).insert({ id, name, email, passwordHash });
  }

  private async write(scenario: DemoScenario): Promise<void> {
    const { teacher, schoolClass } = scenario;
    const pinHash = await hashPin(scenario.pin);
    await this.database
      .getRepository(ClassRow)
      .insert({ id: schoolClass.id, teacherId: teacher.id, name: schoolClass.name, roster: schoolClass.roster });
    await this.database.getRepository(StudentRow).insert(
      schoolClass.students.map((student) => ({
        id: student.id,
        classId: schoolClass.id,
        name: student.name,
        pinHash: student.hasPin ? pinHash : null,
        groupName: student.group,
        rosterId: student.rosterId,
      })),
    );
    for (const { id, deck } of scenario.decks) await this.library.keep(teacher.id, deck, id);
    for (const lesson of scenario.lessons) await this.writeLesson(scenario, lesson);
    await this.publish(scenario);
    await this.school.write(scenario);
    const { deckId, email, may } = scenario.invited;
    await this.invitations.invite(
      teacher.id,
      deckId,
      { email, may },
      { site: this.place.address ?? SITE, language: 'en' },
    );
  }

  /** A show at an address that everybody may know, with how often it was viewed. */
  private async publish({ teacher, published: { deckId, address, looks } }: DemoScenario): Promise<void> {
    await this.shares.set(teacher.id, deckId, 'show', {});
    await this.database.getRepository(ShareRow).update({ deckId, kind: 'show' }, { address });
    const rows = looks.map((count, ago) => ({ address, day: dayBefore(ago), count })).filter(({ count }) => count > 0);
    await this.database.getRepository(ShareLookRow).insert(rows);
  }

  private async writeLesson(scenario: DemoScenario, lesson: DemoScenario['lessons'][number]): Promise<void> {
    const found = scenario.decks.find((entry) => entry.id === lesson.deckId);
    if (!found) throw new Error(`the sample lesson ${lesson.id} has no deck`);
    const editionHash = await this.editions.freeze(found.deck);
    const openedAt = new Date(Date.now() - lesson.openedHoursAgo * 3_600_000);
    const after = (minutes: number) => new Date(openedAt.getTime() + minutes * 60_000);
    await this.database.transaction(async (manager: EntityManager) => {
      await manager.insert(LessonRow, {
        id: lesson.id,
        teacherId: scenario.teacher.id,
        classId: scenario.schoolClass.id,
        deckId: lesson.deckId,
        editionHash,
        code: lesson.code,
        workMode: lesson.workMode,
        pace: 'own-pace',
        terms: lesson.terms as object,
        openedAt,
        closedAt: lesson.closed ? after(50) : null,
      });
      for (const [index, { studentId, work, submitted, review }] of lesson.works.entries()) {
        const participantId = createHash('sha256').update(`${lesson.id} ${studentId}`).digest('hex').slice(0, 10);
        await manager.insert(ParticipantRow, {
          id: participantId,
          lessonId: lesson.id,
          studentId,
          joinedAt: after(1 + (index % 3)),
        });
        await manager.insert(SharedDocumentRow, {
          name: formatDocumentName({ kind: 'work', lessonId: lesson.id, participantId }),
          state: Buffer.from(encodeWork(work)),
          snapshot: work as object,
          updatedAt: after(20),
        });
        if (review)
          await manager.insert(ReviewRow, {
            participantId,
            review: review as object,
            releasedAt: after(60),
            returnedAt: null,
          });
        if (!submitted) continue;
        await manager.insert(SubmissionRow, {
          id: newId(),
          participantId,
          number: 1,
          key: `sample-${participantId}`,
          work: work as object,
          marks: markWork(found.deck, work) as object,
          editionHash,
          submittedAt: after(25 + (index % 15)),
          takenBackAt: null,
        });
      }
    });
  }
}

/** The day some days ago, such as 2026-03-12. */
function dayBefore(days: number): string {
  return new Date(Date.now() - days * 24 * 3_600_000).toISOString().slice(0, 10);
}
