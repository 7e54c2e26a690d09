/** Looking at a shared deck: by its address alone, and by its passcode where it has one. Nothing is kept of who looks. */
import type { CheckLooker, LookerChecks, ShownDeck, ShowPass } from '@gobrel/contract';
import { contentsIn, type Deck, withoutHidden, withoutKeysAndNotes } from '@gobrel/core/deck';
import { feedbackNow, isUsedUp, judge } from '@gobrel/core/questions';
import { readStop, type Stop } from '@gobrel/core/show';
import { formatDocumentName, readDeckDocument } from '@gobrel/core/shared-doc';
import { readWork } from '@gobrel/core/work';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, IsNull } from 'typeorm';
import { AttemptsService, SecretsService } from '../accounts/index.js';
import { AuditService } from '../audit/index.js';
import { DeckAuthorRow, DeckRow, ShareRow } from '../database/index.js';
import { LibraryService } from '../decks/index.js';
import { notFound, refuse } from '../errors/index.js';
import { ContentAccessService } from '../pictures/index.js';
import { DocumentAccessService, EditionsService, SyncService } from '../sync/index.js';
import { LookBudget } from './look-budget.js';
import type { ShownAt } from './shown-at.js';

/** Tries at the passcode of one show within a minute, by everybody together. */
const MOST_TRIES = 60;
/** For how long a deck that a show follows is not read anew, in milliseconds: a class opens it at once. */
const FRESH_MS = 2_000;

/** A share that may be looked at, and what it shows. */
interface Open {
  readonly row: ShareRow;
  readonly edition: Deck;
}

@Injectable()
export class ShownDecksService {
  private readonly fresh = new Map<string, { readonly at: number; readonly hash: Promise<string> }>();
  private readonly budget = new LookBudget();
  private readonly contents = new WeakMap<Deck, ReadonlySet<string>>();

  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly editions: EditionsService,
    private readonly sync: SyncService,
    private readonly attempts: AttemptsService,
    private readonly secrets: SecretsService,
    private readonly library: LibraryService,
    private readonly access: DocumentAccessService,
    private readonly contentAccess: ContentAccessService,
    private readonly audit: AuditService,
  ) {}

  /** What an address shows. */
  async show(at: ShownAt): Promise<ShownDeck> {
    this.budget.count(at.address);
    const { row, edition } = await this.open(at, true);
    const { kind, may, until, endedAt } = row;
    const deck = withoutKeysAndNotes(withoutHidden(edition));
    const walk = kind === 'follow' && endedAt === null ? readWalk(edition, row.walk) : null;
    return { kind, deck, may, walk, until: until?.toISOString() ?? null };
  }

  /** @throws ProblemException unless an address shows anything */
  async expectShare(address: string): Promise<void> {
    await this.row(address);
  }

  /** Answers the right passcode with what opens the show. @param from the network address that asks */
  async pass(address: string, passcode: string, from: string): Promise<ShowPass> {
    const row = await this.row(address);
    const subject = `passcode of ${address} from ${from}`;
    await this.attempts.countTry(subject);
    await this.attempts.countWithin(`passcode of ${address}`, MOST_TRIES);
    if (!(await this.secrets.matches(passcode, row.passcodeHash, subject))) throw refuse(401, 'passcode-wrong');
    await this.attempts.clear(subject);
    return { pass: row.pass };
  }

  /** Counts that somebody looks, today. */
  async count(at: ShownAt): Promise<void> {
    this.budget.count(at.address);
    await this.open(at, false);
    await this.database.query(
      `INSERT INTO share_look AS known (address, day, count) VALUES ($1, current_date, 1)
       ON CONFLICT (address, day) DO UPDATE SET count = known.count + 1`,
      [at.address],
    );
  }

  /** @throws ProblemException unless a picture or a file is in what an address shows, and its owner may see it */
  async expectContent(at: ShownAt, contentId: string, what: 'picture' | 'file'): Promise<void> {
    const { row, edition } = await this.open(at, false);
    const known = this.contents.get(edition) ?? new Set(contentsIn(edition));
    this.contents.set(edition, known);
    const { ownerId } = await this.database.getRepository(DeckRow).findOneByOrFail({ id: row.deckId });
    const isSeen =
      known.has(contentId) && (await this.contentAccess.maySee({ teacherId: ownerId, participant: null }, contentId));
    if (!isSeen) throw notFound(what);
  }

  /** How answers stand, by the keys of the deck that is shown. Nothing of them is kept. */
  async check(at: ShownAt, { work, itemIds, tries }: CheckLooker): Promise<LookerChecks> {
    this.budget.count(at.address);
    const { edition } = await this.open(at, false);
    const read = readWork(work);
    return Object.fromEntries(
      [...new Set(itemIds)].flatMap((id) => {
        const item = edition.items[id];
        const before = Number(tries[id]) || 0;
        const judged = item && !item.hidden ? judge(item, read, edition) : null;
        if (!item || !judged) return [];
        const feedback = isUsedUp(item, before) ? null : feedbackNow(item, read, edition, before + 1);
        return [[id, { right: judged.verdict === 'right', feedback }]];
      }),
    );
  }

  /** Makes a copy of a shared deck for a teacher, where they may have one. Gives its id. */
  async copy(at: ShownAt, teacherId: string): Promise<string> {
    const { row, edition } = await this.open(at, true);
    if (row.may === 'view') throw refuse(403, 'not-allowed');
    const { id } = await this.library.keepCopy(teacherId, row.deckId, edition);
    return id;
  }

  /** Lets a teacher edit a shared deck, where they may. Gives its id. */
  async join(at: ShownAt, teacherId: string): Promise<string> {
    const { row } = await this.open(at, false);
    if (row.may !== 'edit') throw refuse(403, 'not-allowed');
    const { deckId } = row;
    if (await this.access.mayEditDeck(teacherId, deckId)) return deckId;
    await this.audit.note({ act: 'came in by a link', by: teacherId, subject: teacherId, place: deckId });
    const author = { deckId, teacherId, may: 'edit' as const, until: row.until };
    await this.database.getRepository(DeckAuthorRow).upsert(author, ['deckId', 'teacherId']);
    // Whoever only looked at it until now opens it anew.
    this.sync.dismiss(formatDocumentName({ kind: 'deck', deckId }), teacherId);
    return deckId;
  }

  /** Whether search engines may list what an address shows. */
  isListed(address: string): Promise<boolean> {
    return this.database.getRepository(ShareRow).existsBy({ address, listed: true, kind: 'show', endedAt: IsNull() });
  }

  /** The title and the size of a show that may be embedded, for pages that ask before they show it. */
  async embeddable(address: string): Promise<Deck> {
    const { row, edition } = await this.open({ address, pass: '' }, false);
    if (row.kind !== 'show') throw notFound('show');
    return edition;
  }

  /** @param follows whether the deck is looked up as it is now, where the share follows it */
  private async open({ address, pass }: ShownAt, follows: boolean): Promise<Open> {
    const row = await this.row(address);
    if (row.passcodeHash !== null && row.pass !== pass) throw refuse(401, 'passcode-needed');
    const hash = row.newest && follows ? await this.newest(row) : row.editionHash;
    return { row, edition: await this.editions.get(hash) };
  }

  /** A share that is on. */
  private async row(address: string): Promise<ShareRow> {
    const row = await this.database.getRepository(ShareRow).findOneBy({ address });
    if (!row) throw notFound('show');
    const isOver = (row.endedAt !== null && !row.keeps) || (row.until !== null && row.until <= new Date());
    const isThere = await this.database.getRepository(DeckRow).existsBy({ id: row.deckId, deletedAt: IsNull() });
    if (isOver || !isThere) throw refuse(410, row.kind === 'follow' ? 'show-over' : 'share-ended');
    return row;
  }

  /** The edition of the deck as it is now, which the share shows from now on. */
  private newest(row: ShareRow): Promise<string> {
    const known = this.fresh.get(row.address);
    if (known && known.at > Date.now() - FRESH_MS) return known.hash;
    for (const [address, { at }] of this.fresh) if (at <= Date.now() - FRESH_MS) this.fresh.delete(address);
    const hash = this.freeze(row);
    this.fresh.set(row.address, { at: Date.now(), hash });
    return hash;
  }

  private async freeze({ address, deckId, editionHash }: ShareRow): Promise<string> {
    const deck = readDeckDocument(await this.sync.read(formatDocumentName({ kind: 'deck', deckId })));
    const hash = await this.editions.freeze(deck);
    const change = { editionHash: hash, publishedAt: new Date() };
    if (hash !== editionHash) await this.database.getRepository(ShareRow).update({ address, newest: true }, change);
    return hash;
  }
}

/** Where a show was, as far as that is in the deck. */
function readWalk(deck: Deck, walk: unknown): readonly Stop[] {
  return (Array.isArray(walk) ? walk : []).flatMap((stop) => readStop(deck, stop) ?? []);
}
