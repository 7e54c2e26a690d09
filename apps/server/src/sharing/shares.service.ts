/** How a deck is shared by address: what its owner turns on, sets, and turns off. */
import { randomBytes } from 'node:crypto';
import {
  type DayCount,
  type ShareKind,
  shareKinds,
  type SharesView,
  type ShareTerms,
  type ShareView,
} from '@gobrel/contract';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In, IsNull } from 'typeorm';
import { SecretsService } from '../accounts/index.js';
import { AuditService } from '../audit/index.js';
import { ShareLookRow, ShareRow } from '../database/index.js';
import { AuthorsService, LibraryService } from '../decks/index.js';
import { EditionsService } from '../sync/index.js';
import { FollowingsService } from './followings.service.js';
import { newAddress } from './new-address.js';
import { ShowNews } from './show-news.service.js';

@Injectable()
export class SharesService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly library: LibraryService,
    private readonly authors: AuthorsService,
    private readonly editions: EditionsService,
    private readonly secrets: SecretsService,
    private readonly audit: AuditService,
    private readonly news: ShowNews,
    private readonly followings: FollowingsService,
  ) {}

  /** How a deck is shared, for its owner. */
  async list(ownerId: string, deckId: string): Promise<SharesView> {
    await this.library.owned(ownerId, deckId);
    return this.sharesOf(deckId);
  }

  /** Turns a share on, or sets it; one that was off before has the address it had. */
  async set(ownerId: string, deckId: string, kind: ShareKind, terms: ShareTerms): Promise<SharesView> {
    await this.library.owned(ownerId, deckId);
    const known = await this.rows.findOneBy({ deckId, kind });
    const before = known ?? (await this.begun(ownerId, deckId, kind));
    const publishes = terms.anew === true || terms.newest === false || before.endedAt !== null;
    await this.audit.note({ act: 'deck shared', by: ownerId, place: deckId });
    await this.rows.update(
      { deckId, kind },
      {
        endedAt: null,
        ...(terms.may === undefined || kind === 'show' ? {} : { may: terms.may }),
        ...(terms.until === undefined ? {} : { until: terms.until === null ? null : new Date(terms.until) }),
        ...(terms.newest === undefined || kind === 'link' ? {} : { newest: terms.newest }),
        ...(terms.listed === undefined || kind === 'link' ? {} : { listed: terms.listed }),
        ...(terms.passcode === undefined ? {} : await this.passcode(deckId, terms.passcode)),
        ...(publishes ? await this.published(ownerId, deckId) : {}),
        ...(terms.readdress ? { address: newAddress() } : {}),
      },
    );
    this.news.tell(before.address);
    return this.sharesOf(deckId);
  }

  /** Turns shares off: whoever is looking is told at once. */
  async end(ownerId: string, deckId: string, kinds: readonly ShareKind[] = shareKinds): Promise<SharesView> {
    await this.library.owned(ownerId, deckId);
    const rows = await this.rows.findBy({ deckId, kind: In([...kinds]), endedAt: IsNull() });
    if (rows.length > 0) {
      await this.audit.note({ act: 'sharing ended', by: ownerId, place: deckId });
      await this.rows.update({ address: In(rows.map(({ address }) => address)) }, { endedAt: new Date() });
      for (const { address } of rows) this.news.tell(address);
    }
    return this.sharesOf(deckId);
  }

  /** Ends everything that is shared: shares are turned off, shows that are followed end, everybody but the owner is out. */
  async endAll(ownerId: string, deckId: string): Promise<SharesView> {
    const view = await this.end(ownerId, deckId);
    await this.followings.endAllOf(deckId);
    await this.authors.letAllOut(ownerId, deckId);
    return view;
  }

  private get rows() {
    return this.database.getRepository(ShareRow);
  }

  /** A share as it begins; of two that begin at once the first one counts. */
  private async begun(ownerId: string, deckId: string, kind: ShareKind): Promise<ShareRow> {
    const row = {
      address: newAddress(),
      deckId,
      kind,
      may: 'view' as const,
      until: null,
      passcodeHash: null,
      pass: '',
      newest: true,
      listed: false,
      endedAt: null,
      ...(await this.published(ownerId, deckId)),
    };
    await this.rows.createQueryBuilder().insert().values(row).orIgnore().execute();
    return this.rows.findOneByOrFail({ deckId, kind });
  }

  /** The deck as it is now, frozen. */
  private async published(ownerId: string, deckId: string) {
    const editionHash = await this.editions.freeze(await this.library.present(ownerId, deckId));
    return { editionHash, publishedAt: new Date() };
  }

  /** Another passcode is said anew by everybody. */
  private async passcode(deckId: string, passcode: string | null) {
    if (passcode === null) return { passcodeHash: null, pass: '' };
    const passcodeHash = await this.secrets.hashPassword(passcode, `passcode of ${deckId}`);
    return { passcodeHash, pass: randomBytes(16).toString('base64url') };
  }

  private async sharesOf(deckId: string): Promise<SharesView> {
    const rows = await this.rows.findBy({ deckId, endedAt: IsNull() });
    const looks = await this.looksOf(rows.map(({ address }) => address));
    const viewOf = (kind: ShareKind) => {
      const row = rows.find((each) => each.kind === kind);
      return row ? shareView(row, looks.get(row.address) ?? []) : null;
    };
    return { link: viewOf('link'), show: viewOf('show') };
  }

  private async looksOf(addresses: readonly string[]): Promise<ReadonlyMap<string, readonly DayCount[]>> {
    const rows = await this.database
      .getRepository(ShareLookRow)
      .find({ where: { address: In([...addresses]) }, order: { day: 'DESC' } });
    return new Map(
      addresses.map((address) => [
        address,
        rows.filter((row) => row.address === address).map(({ day, count }) => ({ day, count })),
      ]),
    );
  }
}

function shareView(row: ShareRow, looks: readonly DayCount[]): ShareView {
  return {
    address: row.address,
    may: row.may,
    until: row.until?.toISOString() ?? null,
    hasPasscode: row.passcodeHash !== null,
    newest: row.newest,
    listed: row.listed,
    publishedAt: row.publishedAt.toISOString(),
    looks,
  };
}
