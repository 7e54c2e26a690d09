/** Places in courses, and the lessons that open there: chosen ahead, when a place is opened, or not yet. */
import type { PlaceView } from '@gobrel/contract';
import { newId } from '@gobrel/core/deck';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { setTimeout } from 'node:timers/promises';
import { DataSource, In, IsNull } from 'typeorm';
import { LessonRow, PlatformChoiceRow, PlatformLinkRow, PlatformRow } from '../database/index.js';
import { notFound, refuse } from '../errors/index.js';
import { HandingOutService } from '../lessons/index.js';
import { CoursesService } from './courses.service.js';
import type { Launch } from './launch.js';
import { MembersService } from './members.service.js';

/** How long somebody else is waited for who fills a place, and how often it is looked at, in milliseconds. */
const PATIENCE_MS = 10_000;
const LOOK_EVERY_MS = 150;

/** What is chosen for a place. */
export interface Chosen {
  readonly deckId: string | null;
  readonly lessonId: string | null;
}

@Injectable()
export class PlacesService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly handingOut: HandingOutService,
    private readonly courses: CoursesService,
    private readonly members: MembersService,
  ) {}

  /** The place that a launch opens, with its lesson where one was chosen. */
  async opened(platform: PlatformRow, launch: Launch): Promise<PlatformLinkRow> {
    const place = await this.known(platform, launch);
    if (await this.hasLesson(place)) return place;
    const choice =
      launch.choiceId === ''
        ? null
        : await this.database
            .getRepository(PlatformChoiceRow)
            .findOneBy({ id: launch.choiceId, platformId: platform.id });
    return choice ? this.fill(platform, place, choice.teacherId, choice) : { ...place, lessonId: null };
  }

  /** Lets everybody of a course into its class; a class that was there before is not that of the course, and stays as it is. */
  async renewMembers(
    platform: PlatformRow,
    { course, membersUrl }: PlatformLinkRow,
    its: { readonly teacherId: string; readonly classId: string },
  ): Promise<void> {
    if (await this.courses.isCourse(platform.id, course, its)) this.members.bringIn(platform, its.classId, membersUrl);
  }

  /** A place that a teacher fills, after they opened it. */
  async view(id: string): Promise<PlaceView> {
    const place = await this.rows.findOneBy({ id });
    if (!place) throw notFound('place');
    const platform = await this.database.getRepository(PlatformRow).findOneByOrFail({ id: place.platformId });
    const lessonId = (await this.hasLesson(place)) ? place.lessonId : null;
    return { platform: platform.name, course: place.courseTitle, title: place.resourceTitle, lessonId };
  }

  /** Whether a lesson opens at a place; one that was deleted does not. */
  private async hasLesson({ lessonId }: PlatformLinkRow): Promise<boolean> {
    if (lessonId === null) return false;
    return this.database.getRepository(LessonRow).existsBy({ id: lessonId, deletedAt: IsNull() });
  }

  /**
   * Puts something into a place; a deck is handed out there. Where a whole class opens it at once, one of them does, and the others wait for it.
   * @param before the place as it was when it was found to be empty
   */
  async fill(
    platform: PlatformRow,
    before: PlatformLinkRow,
    teacherId: string,
    chosen: Chosen,
  ): Promise<PlatformLinkRow> {
    for (const end = Date.now() + PATIENCE_MS; Date.now() < end; await setTimeout(LOOK_EVERY_MS)) {
      if (await this.claims(before)) return this.fillClaimed(platform, before, teacherId, chosen);
      const now = await this.rows.findOneByOrFail({ id: before.id });
      if (now.lessonId !== null && now.lessonId !== before.lessonId) return now;
    }
    throw refuse(503, 'stopping');
  }

  /** Whether it is for us to fill a place, which nobody else is doing. */
  private async claims({ id, lessonId }: PlatformLinkRow): Promise<boolean> {
    const rows = await this.database.query<[unknown[], number]>(
      `UPDATE platform_link SET filling_until = now() + make_interval(secs => $3)
       WHERE id = $1 AND lesson_id IS NOT DISTINCT FROM $2 AND (filling_until IS NULL OR filling_until < now())`,
      [id, lessonId, PATIENCE_MS / 1000],
    );
    return rows[1] === 1;
  }

  private async fillClaimed(
    platform: PlatformRow,
    place: PlatformLinkRow,
    teacherId: string,
    { deckId, lessonId }: Chosen,
  ): Promise<PlatformLinkRow> {
    try {
      return await this.put(
        platform,
        place,
        teacherId,
        lessonId ?? (await this.lessonFrom(platform, place, teacherId, deckId ?? '')),
      );
    } finally {
      await this.rows.update({ id: place.id }, { fillingUntil: null });
    }
  }

  private async put(
    platform: PlatformRow,
    place: PlatformLinkRow,
    teacherId: string,
    filled: string,
  ): Promise<PlatformLinkRow> {
    const lesson = await this.database
      .getRepository(LessonRow)
      .findOneBy({ id: filled, teacherId, deletedAt: IsNull() });
    if (!lesson) throw notFound('lesson');
    // Whoever comes from a course comes as a student of a class.
    if (lesson.classId === null) throw refuse(422, 'place-needs-class');
    await this.rows.update({ id: place.id }, { lessonId: filled });
    await this.renewMembers(platform, place, { teacherId, classId: lesson.classId });
    return { ...place, lessonId: filled };
  }

  /** The same by a teacher, at a place that they opened and that is still empty. */
  async choose(id: string, teacherId: string, chosen: Chosen): Promise<PlaceView> {
    const place = await this.rows.findOneBy({ id });
    if (!place) throw notFound('place');
    if (await this.hasLesson(place)) throw refuse(409, 'place-taken');
    const platform = await this.database.getRepository(PlatformRow).findOneByOrFail({ id: place.platformId });
    await this.fill(platform, place, teacherId, chosen);
    return this.view(id);
  }

  /** Where the scores of a lesson go. */
  async ofLesson(lessonId: string): Promise<PlatformLinkRow[]> {
    return this.rows.findBy({ lessonId });
  }

  /** The platforms of some places, by their ids. */
  async platformsOf(places: readonly PlatformLinkRow[]): Promise<ReadonlyMap<string, PlatformRow>> {
    const ids = places.map(({ platformId }) => platformId);
    const rows = await this.database.getRepository(PlatformRow).findBy({ id: In(ids) });
    return new Map(rows.map((row) => [row.id, row]));
  }

  private async lessonFrom(platform: PlatformRow, place: PlatformLinkRow, teacherId: string, deckId: string) {
    const course = { id: place.course, title: place.courseTitle };
    const classId = await this.courses.classOf(platform, teacherId, course);
    const { id } = await this.handingOut.handOut(teacherId, {
      ...{ deckId, classId, workMode: 'copy-each', pace: 'own-pace' },
    });
    return id;
  }

  /** The place, as the platform tells of it now. */
  private async known(platform: PlatformRow, launch: Launch): Promise<PlatformLinkRow> {
    const at = { platformId: platform.id, course: launch.course.id, resource: launch.resource.id };
    const told = {
      ...{ courseTitle: launch.course.title, resourceTitle: launch.resource.title },
      ...(launch.lineItem === '' ? {} : { lineItem: launch.lineItem }),
      ...{ lineItems: launch.lineItems, membersUrl: launch.membersUrl },
    };
    await this.rows
      .createQueryBuilder()
      .insert()
      .values({ id: newId(), ...at, ...told, lessonId: null })
      .orIgnore()
      .execute();
    await this.rows.update(at, told);
    return this.rows.findOneByOrFail(at);
  }

  private get rows() {
    return this.database.getRepository(PlatformLinkRow);
  }
}
