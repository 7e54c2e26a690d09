/** A teacher's library of decks. What a deck holds is its shared document; here it is listed, copied and put away. */
import { type AuthorRight, type CopiedFrom, type DeckSummary, type FoundDeck, type NewDeck } from '@gobrel/contract';
import {
  addSlideFrom,
  applyChanges,
  type Deck,
  emptyDeck,
  newId,
  onlySlide,
  contentsIn,
  readDeck,
  readLanguage,
  type SlideSizeName,
  withoutPictures,
} from '@gobrel/core/deck';
import { ownPages } from '@gobrel/core/lesson';
import { firstSlide } from '@gobrel/core/routes';
import { findInDeck } from '@gobrel/core/search';
import { encodeDeck, formatDocumentName, readDeckDocument, writeChanges } from '@gobrel/core/shared-doc';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, type EntityManager, In, IsNull, Not } from 'typeorm';
import {
  DeckAuthorRow,
  DeckRow,
  DeckShelfRow,
  InvitationRow,
  SharedDocumentRow,
  ShareRow,
  TeacherRow,
} from '../database/index.js';
import { notFound, refuse } from '../errors/index.js';
import { ContentAccessService } from '../pictures/index.js';
import { DocumentAccessService, SyncService } from '../sync/index.js';

@Injectable()
export class LibraryService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly sync: SyncService,
    private readonly access: DocumentAccessService,
    private readonly pictures: ContentAccessService,
  ) {}

  /** A teacher's decks and those shared with them, the one changed last first. */
  async list(teacherId: string): Promise<DeckSummary[]> {
    return this.summaries(teacherId, await this.rowsOf(teacherId));
  }

  /** A teacher's decks on whose slides all of some words stand. */
  async find(teacherId: string, sought: string): Promise<FoundDeck[]> {
    const decks = await this.decksOf(await this.rowsOf(teacherId));
    return [...decks].flatMap(([id, deck]) => {
      const slides = findInDeck(deck, sought);
      return slides.length === 0 ? [] : [{ id, slides }];
    });
  }

  private rowsOf(teacherId: string): Promise<DeckRow[]> {
    return (
      this.database
        .getRepository(DeckRow)
        .createQueryBuilder('deck')
        // What the whole school has is on its shelf.
        .where(`deck.id IN (SELECT deck_id FROM deck_access WHERE teacher_id = :teacherId AND through <> 'school')`)
        .setParameters({ teacherId })
        .orderBy('deck.updatedAt', 'DESC')
        .addOrderBy('deck.id')
        .getMany()
    );
  }

  /** One deck of a teacher, or shared with them. */
  async get(teacherId: string, id: string): Promise<DeckSummary> {
    return this.summary(teacherId, await this.seen(teacherId, id));
  }

  /** Some decks as a list shows them, for whoever has been let at them already. */
  async some(teacherId: string, ids: readonly string[]): Promise<DeckSummary[]> {
    const rows = await this.database.getRepository(DeckRow).findBy({ id: In([...ids]), deletedAt: IsNull() });
    return this.summaries(teacherId, rows);
  }

  /** Those of some decks on whose slides all of some words stand, by id. */
  async findIn(ids: readonly string[], sought: string): Promise<string[]> {
    const rows = await this.database.getRepository(DeckRow).findBy({ id: In([...ids]) });
    return [...(await this.decksOf(rows))].flatMap(([id, deck]) => (findInDeck(deck, sought).length > 0 ? [id] : []));
  }

  /** A deck with everything in it, keys and notes included, for whoever may edit it. */
  async whole(teacherId: string, id: string): Promise<Deck> {
    await this.edited(teacherId, id);
    return this.read(id);
  }

  /** A new deck; of slides it begins with, pictures that are somebody else's are left out. */
  async create(ownerId: string, { title, size, opening, language, deck }: NewDeck): Promise<DeckSummary> {
    if (!deck) return this.keep(ownerId, { ...startDeck(title, size, opening), language: readLanguage(language) });
    const { deck: read } = readDeck(deck);
    const refused = await this.pictures.keepFor(ownerId, contentsIn(read));
    const begun = { ...applyChanges(read, withoutPictures(read, refused)), title };
    return this.keep(ownerId, { ...begun, language: begun.language ?? readLanguage(language) });
  }

  /** A copy of a deck under another title, with its pictures. */
  async copy(teacherId: string, id: string, title?: string): Promise<DeckSummary> {
    await this.seen(teacherId, id);
    const deck = await this.read(id);
    return this.keepCopy(teacherId, id, { ...deck, title: title ?? deck.title });
  }

  /** Keeps a copy of a deck for somebody who may have one, with the pictures its owner may see, and whose it was. */
  async keepCopy(teacherId: string, of: string, deck: Deck): Promise<DeckSummary> {
    const row = await this.database.getRepository(DeckRow).findOneByOrFail({ id: of });
    await this.pictures.keepThrough(row.ownerId, teacherId, contentsIn(deck));
    return this.keep(teacherId, deck, newId(), await this.originOf(teacherId, row));
  }

  /** Whose deck a copy is of: its owner's, unless it is their own; a copy of a copy keeps whom the first one was of. */
  private async originOf(teacherId: string, { id, ownerId, copiedFrom }: DeckRow): Promise<CopiedFrom | null> {
    if (copiedFrom !== null || ownerId === teacherId) return copiedFrom;
    const { name } = await this.database.getRepository(TeacherRow).findOneByOrFail({ id: ownerId });
    return { title: (await this.read(id)).title, by: name };
  }

  /** Gives a deck another title; open editors follow. */
  async rename(teacherId: string, id: string, title: string): Promise<DeckSummary> {
    await this.edited(teacherId, id);
    await this.sync.change(documentOf(id), (doc) => writeChanges(doc, [{ type: 'set-deck', fields: { title } }]));
    return this.get(teacherId, id);
  }

  /** A deck as it is at this moment, edits of the last second included. */
  async present(teacherId: string, id: string): Promise<Deck> {
    await this.edited(teacherId, id);
    return this.read(id);
  }

  /** What a deck holds, for whoever has been let at it already. */
  async read(id: string): Promise<Deck> {
    return readDeckDocument(await this.sync.read(documentOf(id)));
  }

  /** Stores a deck under a new id. */
  async keep(
    ownerId: string,
    deck: Deck,
    id: string = newId(),
    copiedFrom: CopiedFrom | null = null,
  ): Promise<DeckSummary> {
    const row = { id, ownerId, updatedAt: new Date(), deletedAt: null, copiedFrom };
    await this.database.transaction(async (manager: EntityManager) => {
      await manager.insert(DeckRow, row);
      await manager.insert(SharedDocumentRow, {
        name: documentOf(id),
        state: Buffer.from(encodeDeck(deck)),
        snapshot: deck as object,
        updatedAt: row.updatedAt,
      });
    });
    return summaryOf(row, deck, {
      sharedBy: null,
      sharedWith: 0,
      isOffered: false,
      kinds: [],
      may: 'edit',
      shelf: null,
    });
  }

  /** A deck that a teacher owns; refuses when it is not there. */
  async owned(ownerId: string, id: string): Promise<DeckRow> {
    const row = await this.database.getRepository(DeckRow).findOneBy({ id, ownerId, deletedAt: IsNull() });
    if (!row) throw notFound('deck');
    return row;
  }

  /** A deck that a teacher may edit. */
  private async edited(teacherId: string, id: string): Promise<DeckRow> {
    const row = await this.seen(teacherId, id);
    if (!(await this.access.mayEditDeck(teacherId, id))) throw refuse(403, 'not-allowed');
    return row;
  }

  /** A deck that a teacher may at least look at. */
  private async seen(teacherId: string, id: string): Promise<DeckRow> {
    if ((await this.access.deckRight(teacherId, id)) === 'none') throw await this.whyNot(teacherId, id);
    return this.database.getRepository(DeckRow).findOneByOrFail({ id });
  }

  /** Why somebody may not have a deck: whoever could before it was deleted hears that, anybody else nothing. */
  private async whyNot(teacherId: string, id: string) {
    const row = await this.database.getRepository(DeckRow).findOneBy({ id, deletedAt: Not(IsNull()) });
    if (row?.ownerId === teacherId) return refuse(410, 'deck-deleted');
    const wasAuthor = row && (await this.database.getRepository(DeckAuthorRow).existsBy({ deckId: id, teacherId }));
    if (!wasAuthor) return notFound('deck');
    return refuse(410, 'deck-deleted-by-owner');
  }

  private async summary(teacherId: string, row: DeckRow): Promise<DeckSummary> {
    const [summary] = await this.summaries(teacherId, [row]);
    if (!summary) throw notFound('deck');
    return summary;
  }

  private async summaries(teacherId: string, rows: readonly DeckRow[]): Promise<DeckSummary[]> {
    const others = rows.map(({ ownerId }) => ownerId).filter((ownerId) => ownerId !== teacherId);
    const [owners, decks, shelves, access, invited, shares] = await Promise.all([
      this.database.getRepository(TeacherRow).findBy({ id: In([...new Set(others)]) }),
      this.decksOf(rows),
      this.database.getRepository(DeckShelfRow).findBy({ teacherId, deckId: In(rows.map(({ id }) => id)) }),
      this.accessTo(
        teacherId,
        rows.map(({ id }) => id),
      ),
      this.database.getRepository(InvitationRow).findBy({ deckId: In(rows.map(({ id }) => id)) }),
      this.liveShares(rows.map(({ id }) => id)),
    ]);
    const shelfOf = new Map(shelves.map((shelf) => [shelf.deckId, shelf]));
    const ownerNames = new Map(owners.map(({ id, name }) => [id, name]));
    return rows.map((row) =>
      summaryOf(row, decks.get(row.id) ?? emptyDeck(''), {
        sharedBy: row.ownerId === teacherId ? null : (ownerNames.get(row.ownerId) ?? null),
        sharedWith: peopleBeside(row, access) + invited.filter(({ deckId }) => deckId === row.id).length,
        isOffered: access.some(({ deckId, through }) => deckId === row.id && through === 'school'),
        kinds: shares.filter(({ deckId }) => deckId === row.id).map(({ kind }) => kind),
        may: access.some(
          ({ deckId, teacherId: whose, may }) => deckId === row.id && whose === teacherId && may === 'edit',
        )
          ? 'edit'
          : 'view',
        shelf: shelfOf.get(row.id) ?? null,
      }),
    );
  }

  /** Who may do what with decks, and through what; through their school only somebody themselves, as that is everybody in it. */
  private accessTo(teacherId: string, deckIds: readonly string[]): Promise<DeckAccess[]> {
    return this.database.query(
      `SELECT deck_id AS "deckId", teacher_id AS "teacherId", may, through FROM deck_access
       WHERE deck_id = ANY($1) AND (through <> 'school' OR teacher_id = $2)`,
      [deckIds, teacherId],
    );
  }

  /** The addresses by which decks are looked at just now. */
  private liveShares(deckIds: readonly string[]): Promise<ShareRow[]> {
    return this.database
      .getRepository(ShareRow)
      .createQueryBuilder('share')
      .where('share.deckId = ANY(:deckIds) AND share.endedAt IS NULL', { deckIds })
      .andWhere('(share.until IS NULL OR share.until > now())')
      .getMany();
  }

  /** What decks hold, by their ids: of those that somebody edits as they are now, of the others as they were stored. */
  private async decksOf(rows: readonly DeckRow[]): Promise<ReadonlyMap<string, Deck>> {
    const stored = rows.map(({ id }) => documentOf(id)).filter((name) => !this.sync.readOpen(name));
    const documents = await this.database
      .getRepository(SharedDocumentRow)
      .find({ where: { name: In(stored) }, select: { name: true, snapshot: true } });
    const snapshots = new Map(documents.map(({ name, snapshot }) => [name, snapshot]));
    return new Map(
      rows.map(({ id }) => {
        const open = this.sync.readOpen(documentOf(id));
        return [id, open ? readDeckDocument(open) : readDeck(snapshots.get(documentOf(id))).deck];
      }),
    );
  }
}

/** The name of a deck's shared document. */
function documentOf(deckId: string): string {
  return formatDocumentName({ kind: 'deck', deckId });
}

/** A deck as a library or a list shows it: its title and the slide it begins with. */
export function coverOf(deck: Deck): Deck {
  return onlySlide(deck, firstSlide(deck)?.id ?? '');
}

/** That somebody has a deck, as the view of that name says. */
interface DeckAccess {
  readonly deckId: string;
  readonly teacherId: string;
  readonly may: AuthorRight;
  readonly through: 'owner' | 'author' | 'team' | 'school';
}

/** How many people a deck is shared with by name or in teams. */
function peopleBeside({ id, ownerId }: DeckRow, access: readonly DeckAccess[]): number {
  const those = access.filter(
    ({ deckId, teacherId, through }) => deckId === id && teacherId !== ownerId && through !== 'school',
  );
  return new Set(those.map(({ teacherId }) => teacherId)).size;
}

/** What is known of a deck besides what is in it. */
interface Standing {
  readonly sharedBy: string | null;
  readonly sharedWith: number;
  readonly isOffered: boolean;
  readonly kinds: readonly ShareRow['kind'][];
  readonly may: AuthorRight;
  readonly shelf: DeckShelfRow | null;
}

function summaryOf(
  row: Pick<DeckRow, 'id' | 'updatedAt' | 'copiedFrom'>,
  deck: Deck,
  { sharedBy, sharedWith, isOffered, kinds, may, shelf }: Standing,
): DeckSummary {
  return {
    id: row.id,
    title: deck.title,
    updatedAt: row.updatedAt.toISOString(),
    slideCount: Object.keys(deck.slides).length,
    hasOwnPage: ownPages(deck).length > 0,
    sharedBy,
    sharedWith,
    isOffered,
    hasLink: kinds.includes('link'),
    isPublished: kinds.includes('show'),
    may,
    unitId: shelf?.unitId ?? null,
    archivedAt: shelf?.archivedAt?.toISOString() ?? null,
    copiedFrom: row.copiedFrom,
    cover: coverOf(deck),
  };
}

function startDeck(title: string, size: SlideSizeName = '16:9', opening = ''): Deck {
  const empty = { ...emptyDeck(title), size };
  return applyChanges(empty, addSlideFrom(empty, 'title', { id: newId(), name: opening }));
}
