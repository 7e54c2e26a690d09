/** Slows down guessing: after a few failures, a subject (an address, a student, a device) has to wait. */
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { FailedAttemptRow } from '../database/index.js';
import { refuse } from '../errors/index.js';

/** How long failures count and block, in milliseconds. */
const WAIT_MS = 60_000;

@Injectable()
export class AttemptsService {
  constructor(@InjectDataSource() private readonly database: DataSource) {}

  /** Throws when `subject` has failed `most` times within the last minute. */
  async check(subject: string, most = 5): Promise<void> {
    const row = await this.database.getRepository(FailedAttemptRow).findOneBy({ subject });
    const left = row ? row.lastAt.getTime() + WAIT_MS - Date.now() : 0;
    if (!row || row.count < most || left <= 0) return;
    const seconds = Math.ceil(left / 1000);
    throw refuse(429, 'too-many-attempts', `That was tried too often. Wait ${seconds} seconds, then try again.`);
  }

  /** Counts a failure; an older one than a minute is forgotten. */
  async fail(subject: string): Promise<void> {
    await this.database.query(
      `INSERT INTO failed_attempt (subject, count, last_at) VALUES ($1, 1, now())
       ON CONFLICT (subject) DO UPDATE SET
         count = CASE WHEN failed_attempt.last_at < now() - interval '60 seconds' THEN 1 ELSE failed_attempt.count + 1 END,
         last_at = now()`,
      [subject],
    );
  }

  /** Forgets the failures of a subject that has shown who it is. */
  async clear(subject: string): Promise<void> {
    await this.database.getRepository(FailedAttemptRow).delete({ subject });
  }
}
