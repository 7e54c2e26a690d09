/** Slows down guessing: after a few failures, a subject (an address, a student, a device) has to wait. */
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { FailedAttemptRow } from '../database/index.js';
import { refuseWith } from '../errors/index.js';

/** How long failures count and block, in seconds. */
const WAIT_SECONDS = 60;

@Injectable()
export class AttemptsService {
  constructor(@InjectDataSource() private readonly database: DataSource) {}

  /**
   * Counts a try of `subject` before it is looked at, so that tries sent at once count like tries one after the other.
   * Throws when there were `most` within the last minute. A try that succeeds is to be cleared.
   */
  async count(subject: string, most = 5): Promise<void> {
    const rows = await this.database.query<{ count: number; left: number }[]>(
      `INSERT INTO failed_attempt AS known (subject, count, last_at) VALUES ($1, 1, now())
       ON CONFLICT (subject) DO UPDATE SET
         count = CASE WHEN known.last_at < now() - make_interval(secs => $2) THEN 1 ELSE known.count + 1 END,
         last_at = CASE WHEN known.last_at >= now() - make_interval(secs => $2) AND known.count >= $3
           THEN known.last_at ELSE now() END
       RETURNING count, ceil($2 - extract(epoch FROM now() - last_at))::int AS left`,
      [subject, WAIT_SECONDS, most],
    );
    const [row] = rows;
    if (!row || row.count <= most) return;
    const seconds = Math.max(1, row.left);
    throw refuseWith(429, 'too-many-attempts', { seconds });
  }

  /** Forgets the failures of a subject that has shown who it is. */
  async clear(subject: string): Promise<void> {
    await this.database.getRepository(FailedAttemptRow).delete({ subject });
  }
}
