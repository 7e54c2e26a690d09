/** Sessions: opaque tokens in http-only cookies, their hashes in the database. */
import { createHash, randomBytes } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { parseCookie } from 'cookie';
import type { CookieOptions, Response } from 'express';
import { DataSource, In, IsNull, MoreThan } from 'typeorm';
import { ParticipantRow, SessionRow } from '../database/index.js';
import { PLACE, type Place } from '../place.js';
import type { Identity } from './access.js';

/** How long a session lasts, in days: a teacher's month, a student's school week with the weekend. */
const LASTS_DAYS = { teacher: 30, participant: 9 } as const;
const COOKIES = { teacher: 'gobrel_teacher', participant: 'gobrel_student' } as const;
const DAY_MS = 24 * 60 * 60 * 1000;

/** As what somebody is signed in. */
type SessionKind = keyof typeof COOKIES;

@Injectable()
export class SessionsService {
  private readonly listeners = new Set<(sessionKey: string) => void>();

  constructor(
    @InjectDataSource() private readonly database: DataSource,
    @Inject(PLACE) private readonly place: Place,
  ) {}

  /** Starts a session and gives its token to the browser as a cookie. */
  async start(response: Response, kind: SessionKind, id: string): Promise<void> {
    const token = randomBytes(32).toString('base64url');
    const expiresAt = new Date(Date.now() + LASTS_DAYS[kind] * DAY_MS);
    await this.database.getRepository(SessionRow).insert({
      tokenHash: hash(token),
      teacherId: kind === 'teacher' ? id : null,
      participantId: kind === 'participant' ? id : null,
      expiresAt,
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

  /** Ends every session of some participants, on whatever device. */
  async endSeats(participantIds: readonly string[]): Promise<void> {
    await this.database.getRepository(SessionRow).delete({ participantId: In([...participantIds]) });
  }

  /** Who a request's cookies say it is from. */
  async identify(cookieHeader: string | undefined): Promise<Identity> {
    const cookies = parseCookie(cookieHeader ?? '');
    const teacher = await this.find(cookies[COOKIES.teacher]);
    const student = await this.find(cookies[COOKIES.participant]);
    const participant = student?.participantId
      ? await this.database.getRepository(ParticipantRow).findOneBy({ id: student.participantId, removedAt: IsNull() })
      : null;
    return {
      teacherId: teacher?.teacherId ?? null,
      participant: participant && {
        id: participant.id,
        lessonId: participant.lessonId,
        worksIn: participant.worksIn,
      },
    };
  }

  private cookieOptions(): CookieOptions {
    return { httpOnly: true, sameSite: 'lax', path: '/', secure: this.place.isBehindTls };
  }

  private async find(token: string | undefined): Promise<SessionRow | null> {
    if (!token) return null;
    return this.database
      .getRepository(SessionRow)
      .findOneBy({ tokenHash: hash(token), expiresAt: MoreThan(new Date()) });
  }
}

function hash(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}
