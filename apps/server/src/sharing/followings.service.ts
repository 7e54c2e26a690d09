/** Shows that others follow on their own devices: begun, led, and ended by whoever presents. */
import { DAYS_AFTER_FOLLOWING, type FollowingView, type StartFollowing } from '@gobrel/contract';
import { readStop, type Stop } from '@gobrel/core/show';
import { Injectable, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, IsNull, LessThan } from 'typeorm';
import { ShareRow } from '../database/index.js';
import { LibraryService } from '../decks/index.js';
import { notFound, refuse } from '../errors/index.js';
import { EditionsService } from '../sync/index.js';
import { newAddress } from './new-address.js';
import { ShowNews } from './show-news.service.js';

/** How far back those who follow may look, in stops. */
const LONGEST_WALK = 200;
/** A show ends when nothing was heard of whoever presents for so long, in milliseconds. */
const FORGOTTEN_MS = 15 * 60 * 1000;
/** How often it is looked for those, in milliseconds. */
const LOOK_EVERY_MS = 60_000;
const DAY_MS = 24 * 60 * 60 * 1000;

@Injectable()
export class FollowingsService implements OnApplicationBootstrap, OnApplicationShutdown {
  private looking: ReturnType<typeof setInterval> | undefined;

  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly library: LibraryService,
    private readonly editions: EditionsService,
    private readonly news: ShowNews,
  ) {}

  onApplicationBootstrap(): void {
    // While the database is away nothing is shown anyway; it is looked again.
    this.looking = setInterval(() => void this.endForgotten().catch(() => undefined), LOOK_EVERY_MS).unref();
  }

  onApplicationShutdown(): void {
    clearInterval(this.looking);
  }

  /** Lets others follow a show of a deck as it is now, at an address of its own; one before it by the same person ends. */
  async start(teacherId: string, deckId: string, { keeps, stop }: StartFollowing): Promise<FollowingView> {
    const deck = await this.library.present(teacherId, deckId);
    const first = readStop(deck, stop);
    if (!first) throw refuse(422, 'not-valid');
    const before = await this.rows.findBy({ deckId, presenterId: teacherId, endedAt: IsNull() });
    for (const row of before) await this.endRow(row);
    const address = newAddress();
    await this.rows.insert({
      ...{ address, deckId, keeps, kind: 'follow', may: 'view', until: null, passcodeHash: null, pass: '' },
      ...{ newest: false, listed: false, publishedAt: new Date(), endedAt: null, presenterId: teacherId },
      seenAt: new Date(),
      editionHash: await this.editions.freeze(deck),
      walk: [first] as object,
    });
    return { address, joined: 0 };
  }

  /** How many came. Whoever presents asks now and then, and is known to be there by that. */
  async look(teacherId: string, address: string): Promise<FollowingView> {
    await this.live(teacherId, address);
    await this.rows.update({ address }, { seenAt: new Date() });
    const [row] = await this.database.query<{ joined: number }[]>(
      'SELECT coalesce(sum(count), 0)::int AS joined FROM share_look WHERE address = $1',
      [address],
    );
    return { address, joined: row?.joined ?? 0 };
  }

  /** Goes on: whoever follows sees it once it is stored. */
  async step(teacherId: string, address: string, wanted: Stop): Promise<void> {
    const row = await this.live(teacherId, address);
    const stop = readStop(await this.editions.get(row.editionHash), wanted);
    // A slide that came after the beginning is not on the devices of those who follow.
    if (!stop) return;
    await this.database.query(
      `UPDATE deck_share SET walk = (CASE WHEN jsonb_array_length(walk) >= $3 THEN walk - 0 ELSE walk END) || $2::jsonb
       WHERE address = $1 AND ended_at IS NULL`,
      [address, JSON.stringify([stop]), LONGEST_WALK],
    );
    this.news.step(address, stop);
  }

  /** Ends it: the address leads to what may be looked at afterwards, if anything. */
  async end(teacherId: string, address: string): Promise<void> {
    await this.endRow(await this.live(teacherId, address));
  }

  /** Ends all shows of a deck that are followed, and what could be looked at afterwards. */
  async endAllOf(deckId: string): Promise<void> {
    const rows = await this.rows.findBy({ deckId, kind: 'follow' });
    await this.rows.update({ deckId, kind: 'follow' }, { endedAt: new Date(), keeps: false });
    for (const { address } of rows) this.news.tell(address);
  }

  /** Ends what nobody presents any more, as when a window was closed. */
  async endForgotten(): Promise<void> {
    const seenAt = LessThan(new Date(Date.now() - FORGOTTEN_MS));
    for (const row of await this.rows.findBy({ kind: 'follow', endedAt: IsNull(), seenAt })) await this.endRow(row);
  }

  private async endRow({ address, keeps }: ShareRow): Promise<void> {
    const until = keeps ? new Date(Date.now() + DAYS_AFTER_FOLLOWING * DAY_MS) : null;
    await this.rows.update({ address }, { endedAt: new Date(), until });
    this.news.tell(address);
  }

  private async live(presenterId: string, address: string): Promise<ShareRow> {
    const row = await this.rows.findOneBy({ address, presenterId, endedAt: IsNull() });
    if (!row) throw notFound('show');
    return row;
  }

  private get rows() {
    return this.database.getRepository(ShareRow);
  }
}
