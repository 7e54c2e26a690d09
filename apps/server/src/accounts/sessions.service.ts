/** Sessions: opaque tokens in http-only cookies, their hashes in the database. */
import { createHash, randomBytes } from 'node:crypto';
import type { DeviceView } from '@gobrel/contract';
import { Inject, Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { parseCookie } from 'cookie';
import type { CookieOptions, Response } from 'express';
import { DataSource, In, MoreThan } from 'typeorm';
import { SessionRow } from '../database/index.js';
import { ownCookie } from '../own-cookie.js';
import { PLACE, type Place } from '../place.js';
import type { Identity } from './access.js';
import { deviceName } from './device-name.js';

/** How long a session lasts, in days: a teacher's month, a student's school week with the weekend. */
const LASTS_DAYS = { teacher: 30, participant: 9 } as const;
const COOKIES = { teacher: 'gobrel_teacher', participant: 'gobrel_student' } as const;
const DAY_MS = 24 * 60 * 60 * 1000;

/** As what somebody is signed in. */
type SessionKind = keyof typeof COOKIES;

/** Whose a session is: a teacher's, or that of somebody in a lesson, unless they were put out of it. */
interface SessionOwner {
  readonly key: string;
  readonly teacherId: string | null;
  readonly id: string | null;
  readonly lessonId: string;
  readonly worksIn: string | null;
}

@Injectable()
export class SessionsService {
  private readonly listeners = new Set<(sessionKey: string) => void>();

  constructor(
    @InjectDataSource() private readonly database: DataSource,
    @Inject(PLACE) private readonly place: Place,
  ) {}

  /** Starts a session and gives its token to the browser as a cookie. */
  async start(response: Response, kind: SessionKind, id: string): Promise<void> {
    const device = deviceName(response.req.headers['user-agent']);
    const token = randomBytes(32).toString('base64url');
    const expiresAt = new Date(Date.now() + LASTS_DAYS[kind] * DAY_MS);
    await this.database.getRepository(SessionRow).insert({
      tokenHash: hash(token),
      teacherId: kind === 'teacher' ? id : null,
      participantId: kind === 'participant' ? id : null,
      expiresAt,
      device,
    });
    response.cookie(COOKIES[kind], token, { ...this.cookieOptions(), expires: expiresAt });
  }

  /** Calls `listener` with the key of every session that ends here by being signed out of. */
  onEnd(listener: (sessionKey: string) => void): void {
    this.listeners.add(listener);
  }

  /** The key of the session of one kind that a request's cookies are of; `null` for none. Nothing can be done with it. */
  keyOf(cookieHeader: string | undefined, kind: SessionKind): string | null {
    const token = parseCookie(cookieHeader ?? '')[COOKIES[kind]];
    return token ? hash(token) : null;
  }

  /** Ends the session of one kind on this device. */
  async end(cookieHeader: string | undefined, response: Response, kind: SessionKind): Promise<void> {
    const tokenHash = this.keyOf(cookieHeader, kind);
    if (tokenHash !== null) {
      await this.database.getRepository(SessionRow).delete({ tokenHash });
      for (const listener of this.listeners) listener(tokenHash);
    }
    response.clearCookie(COOKIES[kind], this.cookieOptions());
  }

  /**
   * Ends every session of a teacher, on whatever device.
   * @param kept the cookies of a device that stays signed in; `null` for none
   */
  async endTeacher(teacherId: string, kept: string | null): Promise<void> {
    const own = kept === null ? null : this.keyOf(kept, 'teacher');
    const rows = await this.database.getRepository(SessionRow).findBy({ teacherId });
    const ended = rows.map(({ tokenHash }) => tokenHash).filter((key) => key !== own);
    await this.database.getRepository(SessionRow).delete({ tokenHash: In(ended) });
    for (const key of ended) for (const listener of this.listeners) listener(key);
  }

  /** The devices on which a teacher is signed in, the last one first. @param cookies those of who asks */
  async devices(teacherId: string, cookies: string | undefined): Promise<DeviceView[]> {
    const own = this.keyOf(cookies, 'teacher');
    const rows = await this.database
      .getRepository(SessionRow)
      .find({ where: { teacherId, expiresAt: MoreThan(new Date()) }, order: { startedAt: 'DESC' } });
    return rows.map(({ tokenHash, device, startedAt }) => ({
      id: idOf(tokenHash),
      name: device,
      since: startedAt.toISOString(),
      isThis: tokenHash === own,
    }));
  }

  /** Signs a teacher out on one of their devices. */
  async endDevice(teacherId: string, id: string): Promise<void> {
    const rows = await this.database.getRepository(SessionRow).findBy({ teacherId });
    const row = rows.find(({ tokenHash }) => idOf(tokenHash) === id);
    if (!row) return;
    await this.database.getRepository(SessionRow).delete({ tokenHash: row.tokenHash });
    for (const listener of this.listeners) listener(row.tokenHash);
  }

  /** Ends every session of some participants, on whatever device. */
  async endSeats(participantIds: readonly string[]): Promise<void> {
    await this.database.getRepository(SessionRow).delete({ participantId: In([...participantIds]) });
  }

  /** Who a request's cookies say it is from. */
  async identify(cookieHeader: string | undefined): Promise<Identity> {
    const teacher = this.keyOf(cookieHeader, 'teacher');
    const student = this.keyOf(cookieHeader, 'participant');
    if (teacher === null && student === null) return { teacherId: null, participant: null };
    // In one statement: everybody who asks for anything is asked this first.
    const rows = await this.database.query<SessionOwner[]>(
      `SELECT token_hash AS key, session.teacher_id AS "teacherId",
         participant.id, participant.lesson_id AS "lessonId", participant.works_in AS "worksIn"
       FROM session LEFT JOIN participant ON participant.id = session.participant_id AND participant.removed_at IS NULL
       WHERE token_hash IN ($1, $2) AND expires_at > now()`,
      [teacher, student],
    );
    const seated = rows.find(({ key, id }) => key === student && id !== null);
    return {
      teacherId: rows.find(({ key }) => key === teacher)?.teacherId ?? null,
      participant: seated?.id ? { id: seated.id, lessonId: seated.lessonId, worksIn: seated.worksIn } : null,
    };
  }

  private cookieOptions(): CookieOptions {
    return ownCookie(this.place, '/');
  }
}

/** What a session is called by: a part of its key, by which nobody is signed in. */
function idOf(tokenHash: string): string {
  return tokenHash.slice(0, 16);
}

function hash(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}
