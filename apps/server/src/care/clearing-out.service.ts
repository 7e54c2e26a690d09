/**
 * Clearing out: what has an age goes when it has reached it, and so does what nobody uses. One process at a time does it,
 * at the start and every few hours.
 */
import { Injectable, Logger, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DAYS_IN_BIN } from '@gobrel/contract';
import { DataSource } from 'typeorm';
import { BinService } from '../bin/index.js';
import { unlessElsewhere } from '../database/index.js';

/** How often it is looked for, in milliseconds, and how long after the start the first time. */
const EVERY_MS = 6 * 60 * 60_000;
const FIRST_MS = 60_000;

/** For how many days things are kept. */
export const AGES = {
  /** What is in the bin. */
  bin: DAYS_IN_BIN,
  /** Who did what to whom. */
  audit: 730,
  /** Failed attempts. */
  attempts: 2,
  /** An invitation to a school that nobody followed. */
  invitation: 30,
  /** An upload, from when its last bytes came. */
  upload: 3,
  /** A mail in the outbox. */
  outbox: 30,
  /** Devices somebody is known on. */
  devices: 180,
  /** How often a shared deck was looked at on a day. */
  looks: 28,
  /** That a show was followed, where nothing of it can be looked at afterwards. */
  followed: 1,
  /** Pictures, files and editions, from when nobody uses them any more. */
  unused: 7,
} as const;

@Injectable()
export class ClearingOutService implements OnApplicationBootstrap, OnApplicationShutdown {
  private readonly log = new Logger('ClearingOut');
  private next: ReturnType<typeof setTimeout> | undefined;

  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly bin: BinService,
  ) {}

  onApplicationBootstrap(): void {
    this.clearLater(FIRST_MS);
  }

  onApplicationShutdown(): void {
    clearTimeout(this.next);
  }

  /** Clears out everything that is due now, unless another process is at it. */
  clearOut(): Promise<void> {
    return unlessElsewhere(this.database, 'clearing out', async () => {
      await this.removeOld();
      await this.bin.purgeOlder(AGES.bin);
      await this.removeOrphans();
      await this.removeUnused();
      await this.removeParts();
    });
  }

  private clearLater(wait: number): void {
    this.next = setTimeout(() => {
      this.clearOut()
        .catch((error: unknown) => this.log.warn(`Clearing out again later: ${String(error)}`))
        .finally(() => this.clearLater(EVERY_MS));
    }, wait).unref();
  }

  private async removeOld(): Promise<void> {
    await this.database.query('DELETE FROM session WHERE expires_at < now()');
    await this.database.query('DELETE FROM password_link WHERE expires_at < now()');
    await this.database.query('DELETE FROM email_link WHERE expires_at < now()');
    await this.database.query('DELETE FROM waiting_account WHERE expires_at < now()');
    await this.database.query('DELETE FROM waiting_arrival WHERE expires_at < now()');
    await this.database.query('DELETE FROM platform_ticket WHERE expires_at < now()');
    await this.database.query('DELETE FROM api_token WHERE expires_at < now()');
    await this.removeOlder('school_invitation', 'sent_at', AGES.invitation);
    await this.removeOlder('upload', 'touched_at', AGES.upload);
    await this.removeOlder('outbox', 'sent_at', AGES.outbox);
    await this.removeOlder('audit_entry', 'at', AGES.audit);
    await this.removeOlder('failed_attempt', 'last_at', AGES.attempts);
    await this.removeOlder('known_device', 'last_at', AGES.devices);
    await this.removeOlder('share_look', 'day', AGES.looks);
    // Shows that were followed, once nobody may look at them any more.
    await this.database.query(
      `DELETE FROM deck_share WHERE kind = 'follow' AND (until < now()
         OR (ended_at IS NOT NULL AND NOT keeps) AND ended_at < now() - make_interval(days => $1))`,
      [AGES.followed],
    );
  }

  private async removeOlder(table: string, column: string, days: number): Promise<void> {
    await this.database.query(`DELETE FROM ${table} WHERE ${column} < now() - make_interval(days => $1)`, [days]);
  }

  /** Documents whose deck, lesson or participant is gone: a change may have been on its way when that went. */
  private async removeOrphans(): Promise<void> {
    for (const table of ['shared_document', 'document_update'])
      await this.database.query(
        `DELETE FROM ${table} AS document WHERE
           (document.name LIKE 'deck:%' AND NOT EXISTS (SELECT 1 FROM deck WHERE document.name = 'deck:' || id))
           OR (document.name LIKE 'lesson:%'
             AND NOT EXISTS (SELECT 1 FROM lesson WHERE document.name = 'lesson:' || id))
           OR (document.name LIKE 'work:%' AND NOT EXISTS (SELECT 1 FROM participant
             WHERE document.name = 'work:' || lesson_id || ':' || id))`,
      );
  }

  /** Bytes of uploads and files that are gone. */
  private async removeParts(): Promise<void> {
    await this.database.query(
      'DELETE FROM file_part WHERE of NOT IN (SELECT id FROM upload UNION SELECT parts FROM stored_file)',
    );
  }

  /**
   * Editions that no lesson and no share has, and pictures and files that stand in no deck, version, edition or template and are of
   * none that comes along: first they are noted, and only what is still unused after some days goes. Somebody may have it on a clipboard, or take a step back.
   */
  private async removeUnused(): Promise<void> {
    await this.database.transaction(async (manager) => {
      await manager.query(`CREATE TEMP TABLE unused ON COMMIT DROP AS ${UNUSED}`);
      await manager.query('DELETE FROM unused_content WHERE content_id NOT IN (SELECT id FROM unused)');
      await manager.query('INSERT INTO unused_content (content_id) SELECT id FROM unused ON CONFLICT DO NOTHING');
      const due = 'SELECT content_id FROM unused_content WHERE since < now() - make_interval(days => $1)';
      await manager.query(`DELETE FROM edition WHERE hash IN (${due})`, [AGES.unused]);
      await manager.query(`DELETE FROM content_keeper WHERE content_id IN (${due})`, [AGES.unused]);
      await manager.query(`DELETE FROM picture WHERE id IN (${due})`, [AGES.unused]);
      await manager.query(`DELETE FROM stored_file WHERE id IN (${due})`, [AGES.unused]);
      await manager.query(`DELETE FROM unused_content WHERE content_id IN (${due})`, [AGES.unused]);
    });
  }
}

/** The ids of everything that is used nowhere, in SQL: ids are SHA-256 in hexadecimal, wherever they stand. */
const UNUSED = `
  WITH used AS (
    SELECT (regexp_matches(contents, '[0-9a-f]{64}', 'g'))[1] AS id FROM (
      SELECT snapshot::text AS contents FROM shared_document WHERE name LIKE 'deck:%'
      UNION ALL SELECT deck::text FROM deck_version
      UNION ALL SELECT deck::text FROM edition
      UNION ALL SELECT deck::text FROM starter
      UNION ALL SELECT theme::text FROM own_theme
    ) AS everything
    UNION SELECT picture_id FROM scene
    UNION SELECT edition_hash FROM lesson
    UNION SELECT edition_hash FROM deck_share
    UNION SELECT edition_hash FROM submission)
  SELECT id FROM (SELECT hash AS id FROM edition UNION SELECT id FROM picture UNION SELECT id FROM stored_file) AS kept
  WHERE id NOT IN (SELECT id FROM used)`;
