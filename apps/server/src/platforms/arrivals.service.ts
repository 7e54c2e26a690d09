/** Whoever comes from a platform: to which page of ours they go, and as whom. */
import { Injectable } from '@nestjs/common';
import type { Response } from 'express';
import { TeacherArrivalsService } from '../arriving/index.js';
import { type PlatformLinkRow, type PlatformRow, LessonRow } from '../database/index.js';
import { refuse } from '../errors/index.js';
import { StudentArrivalsService } from '../lessons/index.js';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { ChoosingService } from './choosing.service.js';
import { CoursesService, personOf } from './courses.service.js';
import type { Launch } from './launch.js';
import type { TakenUp } from './launching.service.js';
import { PlacesService } from './places.service.js';

@Injectable()
export class ArrivalsService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly teachers: TeacherArrivalsService,
    private readonly students: StudentArrivalsService,
    private readonly places: PlacesService,
    private readonly choosing: ChoosingService,
    private readonly courses: CoursesService,
  ) {}

  /** Takes somebody in; gives the page of ours where they go on. @throws ProblemException where they cannot */
  async takeIn(
    platform: PlatformRow,
    { launch, claims }: TakenUp,
    address: string,
    response: Response,
  ): Promise<string> {
    if (launch.choosing && !launch.teaches) throw refuse(403, 'not-allowed');
    if (launch.choosing) {
      const token = await this.choosing.begin(platform, claims);
      return this.teacher(platform, launch, `/choosing/${token}`, response);
    }
    const place = await this.places.opened(platform, launch);
    if (!launch.teaches) return this.student(platform, launch, place, address, response);
    if (place.lessonId === null) return this.teacher(platform, launch, `/places/${place.id}`, response);
    const lesson = await this.lessonAt(place);
    if (lesson?.classId) await this.places.renewMembers(platform, place, { ...lesson, classId: lesson.classId });
    return this.teacher(platform, launch, `/lessons/${place.lessonId}`, response);
  }

  private async teacher(platform: PlatformRow, launch: Launch, then: string, response: Response): Promise<string> {
    const arrival = await this.teachers.arrive(personOf(platform, launch), response);
    if (arrival === 'no-address') throw refuse(403, 'provider-no-address');
    const to = arrival === 'waits' ? '/sign-in?waits=yes&' : '/arrived/teacher?';
    return `${to}then=${encodeURIComponent(then)}`;
  }

  private async student(
    platform: PlatformRow,
    launch: Launch,
    place: PlatformLinkRow,
    address: string,
    response: Response,
  ): Promise<string> {
    const lesson = await this.lessonAt(place);
    if (!lesson?.classId) throw refuse(409, 'place-empty');
    await this.courses.enrol(platform, lesson.classId, launch);
    const person = { ...personOf(platform, launch), rosterId: launch.rosterId };
    const isIn = await this.students.arrive(lesson.code, person, address, response);
    if (!isIn) throw refuse(403, 'not-in-lesson');
    return '/arrived/student';
  }

  private async lessonAt({ lessonId }: PlatformLinkRow): Promise<LessonRow | null> {
    return lessonId === null ? null : this.database.getRepository(LessonRow).findOneBy({ id: lessonId });
  }
}
