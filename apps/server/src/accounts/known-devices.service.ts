/**
 * Devices on which somebody has shown who they are. Tries from such a device are counted apart from everybody else's, so
 * that a stranger who guesses elsewhere locks nobody out of their own.
 */
import { createHash, randomBytes } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { parseCookie } from 'cookie';
import type { Response } from 'express';
import { DataSource } from 'typeorm';
import { ownCookie } from '../own-cookie.js';
import { PLACE, type Place } from '../place.js';

const COOKIE = 'gobrel_device';
/** For how long a device is known after it was used the last time, in days. */
const KNOWN_DAYS = 180;
/** The form of a token: 32 bytes. */
const TOKEN = /^[\w-]{43}$/;

@Injectable()
export class KnownDevicesService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    @Inject(PLACE) private readonly place: Place,
  ) {}

  /** What tries at a secret are counted by: by the device where its owner is known on it, else by the secret alone. */
  async countedBy(subject: string, cookieHeader: string | undefined): Promise<string> {
    const token = tokenIn(cookieHeader);
    if (token === null) return subject;
    const rows = await this.database.query<unknown[]>(
      `SELECT 1 FROM known_device WHERE token_hash = $1 AND subject = $2
       AND last_at > now() - make_interval(days => $3)`,
      [hash(token), subject, KNOWN_DAYS],
    );
    return rows.length > 0 ? `${subject} on ${hash(token)}` : subject;
  }

  /** Notes that whoever a secret is of has shown it on a device. */
  async remember(subject: string, cookieHeader: string | undefined, response: Response): Promise<void> {
    const token = tokenIn(cookieHeader) ?? randomBytes(32).toString('base64url');
    await this.database.query(
      `INSERT INTO known_device (token_hash, subject) VALUES ($1, $2)
       ON CONFLICT (token_hash, subject) DO UPDATE SET last_at = now()`,
      [hash(token), subject],
    );
    response.cookie(COOKIE, token, {
      ...ownCookie(this.place, '/api'),
      maxAge: KNOWN_DAYS * 24 * 60 * 60 * 1000,
    });
  }
}

function tokenIn(cookieHeader: string | undefined): string | null {
  const token = parseCookie(cookieHeader ?? '')[COOKIE];
  return token !== undefined && TOKEN.test(token) ? token : null;
}

function hash(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}
