/**
 * Scores that go to platforms once they are released (Assignment and Grade Services 2.0). What is to be sent stands in the database first,
 * and is sent again until the platform has taken it, whatever breaks meanwhile.
 */
import type { ScoresSent } from '@gobrel/contract';
import { readFields, readString } from '@gobrel/core/deck';
import { Injectable, Logger, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In, Raw } from 'typeorm';
import { OutsideIdentitiesService } from '../arriving/index.js';
import { inTurns, PlatformLinkRow, PlatformRow, PlatformScoreRow } from '../database/index.js';
import { LessonsService, ReviewsService } from '../lessons/index.js';
import { issuerOf } from './courses.service.js';
import { scopes } from './launch.js';
import { PlatformCallsService, PlatformRefusal } from './platform-calls.service.js';
import { PlacesService } from './places.service.js';

/** How often it is looked for what is due, in milliseconds. */
const EVERY_MS = 30_000;
/** The first wait after a try that failed, which doubles with every one, and the longest, in milliseconds. */
const FIRST_WAIT_MS = 60_000;
const LONGEST_WAIT_MS = 6 * 60 * 60_000;
/** The most that are sent in one go. */
const AT_ONCE = 100;

@Injectable()
export class ScoresService implements OnApplicationBootstrap, OnApplicationShutdown {
  private readonly log = new Logger('Platforms');
  private timer: ReturnType<typeof setInterval> | undefined;
  /** What is being sent; the next waits for it, so that of each process one waits for the others. */
  private sending: Promise<void> = Promise.resolve();

  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly places: PlacesService,
    private readonly identities: OutsideIdentitiesService,
    private readonly calls: PlatformCallsService,
    private readonly lessons: LessonsService,
    private readonly reviews: ReviewsService,
  ) {
    reviews.onRelease((lessonId, participantIds) => this.release(lessonId, participantIds));
  }

  onApplicationBootstrap(): void {
    this.timer = setInterval(() => this.sendSoon(), EVERY_MS).unref();
  }

  onApplicationShutdown(): void {
    clearInterval(this.timer);
  }

  /** How it stands with the scores of a lesson; `null` where they go nowhere. @throws ProblemException for others */
  async of(teacherId: string, lessonId: string): Promise<{ readonly scores: ScoresSent | null }> {
    await this.lessons.led(teacherId, lessonId);
    const places = await this.places.ofLesson(lessonId);
    const [platform] = (await this.places.platformsOf(places)).values();
    if (!platform) return { scores: null };
    const [counted] = await this.database.query<Omit<ScoresSent, 'platform'>[]>(
      `SELECT count(*) FILTER (WHERE due_at IS NULL)::int AS sent,
         count(*) FILTER (WHERE due_at IS NOT NULL AND tries = 0)::int AS waiting,
         count(*) FILTER (WHERE due_at IS NOT NULL AND tries > 0)::int AS failed,
         coalesce(max(trouble) FILTER (WHERE due_at IS NOT NULL), '') AS trouble
       FROM platform_score JOIN platform_link ON platform_link.id = link_id WHERE lesson_id = $1`,
      [lessonId],
    );
    return { scores: { platform: platform.name, ...(counted ?? { sent: 0, waiting: 0, failed: 0, trouble: '' }) } };
  }

  /** Sends what has failed again, at once. */
  async sendAgain(teacherId: string, lessonId: string): Promise<{ readonly scores: ScoresSent | null }> {
    await this.lessons.led(teacherId, lessonId);
    await this.database.query(
      `UPDATE platform_score SET due_at = now() FROM platform_link
       WHERE platform_link.id = link_id AND lesson_id = $1 AND due_at IS NOT NULL`,
      [lessonId],
    );
    await this.sendDue();
    return this.of(teacherId, lessonId);
  }

  /** Notes what was released, to be sent, wherever the lesson stands in a course. */
  private async release(lessonId: string, participantIds: readonly string[]): Promise<void> {
    const places = await this.places.ofLesson(lessonId);
    if (places.length === 0) return;
    const results = Object.entries(await this.reviews.resultsOf(lessonId, participantIds));
    const platforms = await this.places.platformsOf(places);
    const now = new Date();
    const rows: PlatformScoreRow[] = [];
    for (const place of places) {
      const platform = platforms.get(place.platformId);
      if (!platform || (place.lineItem === '' && place.lineItems === '')) continue;
      // Somebody of the class who never came from the platform is not in its gradebook.
      const there = await this.identities.subjectsOf(
        issuerOf(platform),
        results.map(([studentId]) => studentId),
      );
      for (const [studentId, { points, outOf, unmarked }] of results)
        // Where there is nothing to earn, there is no score.
        if (there.has(studentId) && outOf > 0)
          rows.push({
            ...{
              linkId: place.id,
              studentId,
              points,
              outOf,
              unmarked,
              dueAt: now,
              tries: 0,
              trouble: '',
              askedAt: now,
            },
          });
    }
    if (rows.length === 0) return;
    await this.rows.upsert(rows, ['linkId', 'studentId']);
    this.sendSoon();
  }

  private sendSoon(): void {
    this.sendDue().catch((error: unknown) => this.log.warn(`Scores are sent later: ${String(error)}`));
  }

  /** Sends what is due, after whoever is at it: one at a time here, and in all processes. */
  sendDue(): Promise<void> {
    const sending = this.sending.then(() => inTurns(this.database, 'sending scores', () => this.sendAllDue()));
    this.sending = sending.catch(() => undefined);
    return sending;
  }

  private async sendAllDue(): Promise<void> {
    const due = await this.rows.find({
      // By the clock of the database, which is finer than ours.
      where: { dueAt: Raw((dueAt) => `${dueAt} <= now()`) },
      order: { dueAt: 'ASC' },
      take: AT_ONCE,
    });
    const ids = [...new Set(due.map(({ linkId }) => linkId))];
    const places = new Map((await this.links.findBy({ id: In(ids) })).map((place) => [place.id, place]));
    const platforms = await this.places.platformsOf([...places.values()]);
    /** What platforms that are not reached said: nobody waits for them once more. */
    const away = new Map<string, string>();
    for (const score of due) {
      const place = places.get(score.linkId);
      const platform = platforms.get(place?.platformId ?? '');
      if (!place || !platform) continue;
      const trouble = away.get(platform.id) ?? (await this.send(platform, place, score, away));
      if (trouble !== null) await this.postpone(score, trouble);
    }
  }

  /** Sends a score; gives what was wrong where the platform did not take it. */
  private async send(
    platform: PlatformRow,
    place: PlatformLinkRow,
    score: PlatformScoreRow,
    away: Map<string, string>,
  ): Promise<string | null> {
    try {
      await this.tell(platform, place, score);
      // Unless it was released anew meanwhile.
      await this.rows.update(asItIs(score), { dueAt: null, trouble: '' });
      return null;
    } catch (error) {
      const trouble = error instanceof Error ? error.message : String(error);
      if (!(error instanceof PlatformRefusal)) {
        this.log.warn(`A score is not sent: ${trouble}`);
        away.set(platform.id, trouble);
      }
      return trouble;
    }
  }

  private async postpone(score: PlatformScoreRow, trouble: string): Promise<void> {
    const dueAt = new Date(Date.now() + Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** score.tries));
    await this.rows.update(asItIs(score), { dueAt, tries: score.tries + 1, trouble: trouble.slice(0, 300) });
  }

  private async tell(platform: PlatformRow, place: PlatformLinkRow, score: PlatformScoreRow): Promise<void> {
    const { studentId, points, outOf, unmarked, askedAt } = score;
    const subject = (await this.identities.subjectsOf(issuerOf(platform), [studentId])).get(studentId);
    // They are known to it no more.
    if (subject === undefined) return;
    // The scores before this one may have made the column.
    const known = place.lineItem || (await this.links.findOneByOrFail({ id: place.id })).lineItem;
    const url = new URL(known || (await this.newLineItem(platform, place, outOf)));
    url.pathname = `${url.pathname.replace(/\/$/, '')}/scores`;
    await this.calls.ask(platform, scopes.score, {
      ...{ method: 'POST', url: url.href, headers: { 'content-type': 'application/vnd.ims.lis.v1.score+json' } },
      body: JSON.stringify({
        ...{ userId: subject, scoreGiven: points, scoreMaximum: outOf },
        ...{ activityProgress: 'Completed', gradingProgress: unmarked > 0 ? 'PendingManual' : 'FullyGraded' },
        timestamp: askedAt.toISOString(),
      }),
    });
  }

  /** A column in the platform's gradebook, where the place has none. */
  private async newLineItem(platform: PlatformRow, place: PlatformLinkRow, outOf: number): Promise<string> {
    const answer = await this.calls.ask(platform, scopes.lineItem, {
      ...{ method: 'POST', url: place.lineItems },
      headers: { 'content-type': 'application/vnd.ims.lis.v2.lineitem+json' },
      body: JSON.stringify({
        ...{ label: place.resourceTitle || 'Gobrel', scoreMaximum: outOf, resourceLinkId: place.resource },
        resourceId: place.lessonId ?? place.id,
      }),
    });
    const lineItem = readString(readFields(JSON.parse(answer.text))?.['id'], '', 2000);
    if (lineItem === '') throw new Error(`${platform.issuer} made no place for scores`);
    await this.links.update({ id: place.id }, { lineItem });
    return lineItem;
  }

  private get rows() {
    return this.database.getRepository(PlatformScoreRow);
  }

  private get links() {
    return this.database.getRepository(PlatformLinkRow);
  }
}

/** A score, unless it was released anew since. */
function asItIs({ linkId, studentId, askedAt }: PlatformScoreRow) {
  return { linkId, studentId, askedAt };
}
