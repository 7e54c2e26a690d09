/** Sessions: opaque tokens in http-only cookies, their hashes in the database. */
import { createHash, randomBytes } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { parseCookie } from 'cookie';
import type { CookieOptions, Response } from 'express';
import { DataSource, In, IsNull, MoreThan } from 'typeorm';
import { ParticipantRow, SessionRow } from '../database/index.js';
import type { Identity } from './access.js';

/** How long a session lasts, in days: a teacher's month, a student's school week with the weekend. */
const LASTS_DAYS = { teacher: 30, participant: 9 } as const;
const COOKIES = { teacher: 'gobrel_teacher', participant: 'gobrel_student' } as const;
const DAY_MS = 24 * 60 * 60 * 1000;

type Kind = keyof typeof COOKIES;

@Injectable()
export class SessionsService {
  constructor(@InjectDataSource() private readonly database: DataSource) {}

  /** Starts a session and gives its token to the browser as a cookie. */
  async start(response: Response, kind: Kind, id: string): Promise<void> {
    const token = randomBytes(32).toString('base64url');
    const expiresAt = new Date(Date.now() + LASTS_DAYS[kind] * DAY_MS);
    await this.database.getRepository(SessionRow).insert({
      tokenHash: hash(token),
      teacherId: kind === 'teacher' ? id : null,
      participantId: kind === 'participant' ? id : null,
      expiresAt,
    });
    response.cookie(COOKIES[kind], token, { ...cookieOptions(), expires: expiresAt });
  }

  /** Ends the session of one kind on this device. */
  async end(cookieHeader: string | undefined, response: Response, kind: Kind): Promise<void> {
    const token = parseCookie(cookieHeader ?? '')[COOKIES[kind]];
    if (token) await this.database.getRepository(SessionRow).delete({ tokenHash: hash(token) });
    response.clearCookie(COOKIES[kind], cookieOptions());
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

  private async find(token: string | undefined): Promise<SessionRow | null> {
    if (!token) return null;
    return this.database
      .getRepository(SessionRow)
      .findOneBy({ tokenHash: hash(token), expiresAt: MoreThan(new Date()) });
  }
}

/** Secure cookies wherever the application is not served on loopback without TLS. */
function cookieOptions(): CookieOptions {
  return { httpOnly: true, sameSite: 'lax', path: '/', secure: process.env['GOBREL_SECURE_COOKIES'] === 'yes' };
}

function hash(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}
