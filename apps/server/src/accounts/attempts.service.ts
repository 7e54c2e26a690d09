/** Slows down guessing, and whatever else must not be done without end. */
import { isTollPaid, tollFor } from '@gobrel/core/toll';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { FailedAttemptRow } from '../database/index.js';
import { refuseWith } from '../errors/index.js';

/** The pause after so many tries, in seconds. */
const PAUSE_SECONDS = 60;
/** The longest pause, in seconds; after a day without a try nothing is held against anybody. */
const LONGEST_PAUSE_SECONDS = 60 * 60;
const FORGOTTEN_AFTER_SECONDS = 24 * 60 * 60;
/** Tries at a secret before there is a pause. */
const MOST_TRIES = 5;
/** How often anything may be done a minute that is paid for: nobody can pay so much. */
const MOST_PAID = 1_000_000;

interface Counted {
  /** Whether this try is one of those that may be. */
  readonly counted: boolean;
  /** Seconds until the next one may be. */
  readonly left: number;
}

/** What somebody asks for, and what they paid for it. */
interface Payment {
  readonly purpose: string;
  /** '' for nothing. */
  readonly paid: string;
}

@Injectable()
export class AttemptsService {
  constructor(@InjectDataSource() private readonly database: DataSource) {}

  /**
   * Counts a try at the secret of `subject` before it is looked at, in one statement, so that tries sent at once count like
   * tries one after the other. After every five there is a pause, twice as long as the one before. Throws during a pause,
   * which is not made longer by that. A try that succeeds is to be cleared.
   */
  async countTry(subject: string): Promise<void> {
    const rows = await this.database.query<Counted[]>(
      `INSERT INTO failed_attempt AS known (subject, count, last_at) VALUES ($1, 1, now())
       ON CONFLICT (subject) DO UPDATE SET
         count = CASE WHEN ${IN_PAUSE} THEN known.count
                      WHEN known.last_at < now() - make_interval(secs => $5) THEN 1 ELSE known.count + 1 END,
         last_at = CASE WHEN ${IN_PAUSE} THEN known.last_at ELSE now() END
       RETURNING last_at = now() AS counted,
         ceil(${PAUSE} - extract(epoch FROM now() - last_at))::int AS left`,
      [subject, MOST_TRIES, PAUSE_SECONDS, LONGEST_PAUSE_SECONDS, FORGOTTEN_AFTER_SECONDS],
    );
    refuseUnless(rows[0]);
  }

  /**
   * Counts something that may be done `most` times a minute by `subject`, such as everybody at one address; throws when it
   * was done so often. A minute begins with the first of them, and nothing is held against anybody for longer.
   */
  async countWithin(subject: string, most: number): Promise<void> {
    if (await this.isCounted(subject, most)) return;
    const { left } = await this.minuteOf(subject);
    throw refuseWith(429, 'too-many-attempts', { seconds: Math.max(1, left) });
  }

  /**
   * Counts something that may be done `most` times a minute by `subject` for nothing, and more often where a toll is paid;
   * throws the toll that is wanted. Only what is let in is counted, so that asking in vain makes it dearer for nobody.
   */
  async countPaid(subject: string, most: number, { purpose, paid }: Payment): Promise<void> {
    if (await this.isCounted(subject, most)) return;
    const now = Date.now();
    const toll = tollFor((await this.minuteOf(subject)).count, most, now);
    if (toll && !isTollPaid(purpose, toll, paid, now)) throw refuseWith(429, 'toll', toll);
    await this.isCounted(subject, MOST_PAID);
  }

  /** Forgets everything about a subject that is gone: its failures, and the devices it was known on. */
  async forget(subject: string): Promise<void> {
    await this.database.query(`DELETE FROM failed_attempt WHERE subject = $1 OR starts_with(subject, $1 || ' on ')`, [
      subject,
    ]);
    await this.database.query('DELETE FROM known_device WHERE subject = $1', [subject]);
  }

  /** Forgets the failures of a subject that has shown who it is. */
  async clear(subject: string): Promise<void> {
    await this.database.getRepository(FailedAttemptRow).delete({ subject });
  }

  /** Counts something unless it was done `most` times this minute, in one statement; tells whether it was counted. */
  private async isCounted(subject: string, most: number): Promise<boolean> {
    const rows = await this.database.query<unknown[]>(
      `INSERT INTO failed_attempt AS known (subject, count, last_at) VALUES ($1, 1, now())
       ON CONFLICT (subject) DO UPDATE SET
         count = CASE WHEN ${IN_WINDOW} THEN known.count + 1 ELSE 1 END,
         last_at = CASE WHEN ${IN_WINDOW} THEN known.last_at ELSE now() END
       WHERE NOT (${IN_WINDOW}) OR known.count < $3
       RETURNING 1`,
      [subject, PAUSE_SECONDS, most],
    );
    return rows.length > 0;
  }

  /** How often something was done this minute, and how many seconds of it are left. */
  private async minuteOf(subject: string): Promise<{ readonly count: number; readonly left: number }> {
    const rows = await this.database.query<{ readonly count: number; readonly left: number }[]>(
      `SELECT count, ceil($2 - extract(epoch FROM now() - last_at))::int AS left
       FROM failed_attempt AS known WHERE subject = $1 AND ${IN_WINDOW}`,
      [subject, PAUSE_SECONDS],
    );
    return rows[0] ?? { count: 0, left: 0 };
  }
}

/** Whether the minute that began with the first is not over yet, in SQL. */
const IN_WINDOW = 'known.last_at >= now() - make_interval(secs => $2)';
/** The pause after some number of tries, in seconds, in SQL. */
const PAUSE = 'least($4, $3 * power(2, greatest(0, floor(count::float8 / $2) - 1)))';
/** Whether a subject is in its pause, in SQL. */
const IN_PAUSE = `(known.count % $2 = 0 AND now() < known.last_at +
  make_interval(secs => ${PAUSE.replace('count', 'known.count')}))`;

function refuseUnless(row: Counted | undefined): void {
  if (!row || row.counted) return;
  throw refuseWith(429, 'too-many-attempts', { seconds: Math.max(1, row.left) });
}
