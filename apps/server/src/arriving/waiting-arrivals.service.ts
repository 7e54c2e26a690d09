/**
 * Arrivals that wait: somebody is known outside, and has yet to show who they are here, by a password or a PIN. Their browser holds a
 * token for a short while, of which the database knows the hash.
 */
import { Inject, Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { parseCookie } from 'cookie';
import type { CookieOptions, Response } from 'express';
import { DataSource, MoreThan } from 'typeorm';
import { linkTokenHash, newLinkToken } from '../accounts/index.js';
import { WaitingArrivalRow } from '../database/index.js';
import { ownCookie } from '../own-cookie.js';
import { PLACE, type Place } from '../place.js';
import type { OutsidePerson } from './outside-person.js';

const COOKIE = 'gobrel_arrival';
/** For how long somebody may take, in milliseconds: long enough to look for a password. */
const LASTS_MS = 30 * 60_000;

@Injectable()
export class WaitingArrivalsService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    @Inject(PLACE) private readonly place: Place,
  ) {}

  /** Lets somebody wait, in the browser that is answered. */
  async wait({ issuer, subject, email, name }: OutsidePerson, response: Response): Promise<void> {
    const { token, tokenHash } = newLinkToken();
    const expiresAt = new Date(Date.now() + LASTS_MS);
    await this.database.getRepository(WaitingArrivalRow).insert({ tokenHash, issuer, subject, email, name, expiresAt });
    response.cookie(COOKIE, token, { ...this.cookieOptions(), maxAge: LASTS_MS });
  }

  /** Who waits in a browser; `null` for nobody. */
  async waiting(cookies: string | undefined): Promise<OutsidePerson | null> {
    const token = parseCookie(cookies ?? '')[COOKIE];
    if (!token) return null;
    return this.database
      .getRepository(WaitingArrivalRow)
      .findOneBy({ tokenHash: linkTokenHash(token), expiresAt: MoreThan(new Date()) });
  }

  /** Nobody waits in a browser any more. */
  async end(cookies: string | undefined, response: Response): Promise<void> {
    const token = parseCookie(cookies ?? '')[COOKIE];
    if (!token) return;
    await this.database.getRepository(WaitingArrivalRow).delete({ tokenHash: linkTokenHash(token) });
    response.clearCookie(COOKIE, this.cookieOptions());
  }

  private cookieOptions(): CookieOptions {
    return ownCookie(this.place, '/api');
  }
}
