/** Decks shared with many at once: with teams of the owner's school, and with the whole school on its shelf. */
import { AGES, type AudiencesView, type AuthorTerms, type OfferTerms } from '@gobrel/contract';
import { formatDocumentName } from '@gobrel/core/shared-doc';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, type EntityManager } from 'typeorm';
import { AuditService } from '../audit/index.js';
import { ColleagueRow, DeckOfferRow, DeckTeamRow, SchoolRow, TeamRow } from '../database/index.js';
import { notFound, refuse } from '../errors/index.js';
import { SyncService } from '../sync/index.js';
import { LibraryService } from './library.service.js';

/** A condition on `deck_access` with one value. */
type Concerned = 'deck_id = $1' | 'teacher_id = ANY($1)' | typeof THEIRS_OR_THEM;

/** What somebody shares, and what is shared with them. */
export const THEIRS_OR_THEM = '(teacher_id = $1 OR deck_id IN (SELECT id FROM deck WHERE owner_id = $1))';

@Injectable()
export class AudiencesService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly library: LibraryService,
    private readonly sync: SyncService,
    private readonly audit: AuditService,
  ) {}

  /** With which teams and school a deck is shared, and with which it could be, for its owner. */
  async view(ownerId: string, deckId: string): Promise<AudiencesView> {
    await this.library.owned(ownerId, deckId);
    const schoolId = await this.schoolOf(ownerId);
    const [school, offer, shared, teams] = await Promise.all([
      this.database.getRepository(SchoolRow).findOneBy({ id: schoolId ?? '' }),
      this.database.getRepository(DeckOfferRow).findOneBy({ deckId }),
      this.database.getRepository(DeckTeamRow).findBy({ deckId }),
      this.teamsOf(schoolId),
    ]);
    const termsBy = new Map(shared.map((row) => [row.teamId, row]));
    return {
      school: school?.name ?? null,
      offer: offer && offerView(offer),
      teams: teams.flatMap((team) => {
        const row = termsBy.get(team.id);
        return row ? [{ ...team, may: row.may, until: row.until?.toISOString() ?? null }] : [];
      }),
      otherTeams: teams.filter(({ id }) => !termsBy.has(id)),
    };
  }

  /** Offers a deck to the owner's school, or changes how it is offered. */
  async offer(ownerId: string, deckId: string, terms: OfferTerms): Promise<AudiencesView> {
    await this.library.owned(ownerId, deckId);
    const schoolId = await this.schoolOf(ownerId);
    if (schoolId === null) throw refuse(409, 'no-school');
    const usual = { may: 'view' as const, until: null, subject: '', ageFrom: AGES.least, ageTo: AGES.most };
    await this.audit.note({ act: 'deck shared', by: ownerId, place: deckId });
    const set = () =>
      this.database.transaction(async (manager) => {
        const row = { ...usual, deckId, schoolId };
        await manager.createQueryBuilder().insert().into(DeckOfferRow).values(row).orIgnore().execute();
        // Only what is said changes: several things may be set at once.
        await manager.update(DeckOfferRow, { deckId }, { schoolId, ...columnsOf(terms) });
        const { ageFrom, ageTo } = await manager.findOneByOrFail(DeckOfferRow, { deckId });
        if (ageFrom > ageTo) throw refuse(422, 'not-valid', { ageTo: 'ages' });
      });
    // For what and whom a deck is changes nothing for those who have it open.
    if (terms.may === undefined && terms.until === undefined) await set();
    else await this.reshare('deck_id = $1', deckId, set);
    return this.view(ownerId, deckId);
  }

  /** Takes a deck off the shelf. */
  async endOffer(ownerId: string, deckId: string): Promise<AudiencesView> {
    await this.library.owned(ownerId, deckId);
    await this.audit.note({ act: 'sharing ended', by: ownerId, place: deckId });
    await this.reshare('deck_id = $1', deckId, () => this.database.getRepository(DeckOfferRow).delete({ deckId }));
    return this.view(ownerId, deckId);
  }

  /** Shares a deck with a team of the owner's school, or changes what it may do. */
  async shareWith(ownerId: string, deckId: string, teamId: string, terms: AuthorTerms): Promise<AudiencesView> {
    await this.library.owned(ownerId, deckId);
    const schoolId = await this.schoolOf(ownerId);
    const isOurs = await this.database.getRepository(TeamRow).existsBy({ id: teamId, schoolId: schoolId ?? '' });
    if (!isOurs) throw notFound('team');
    await this.audit.note({ act: 'deck shared', by: ownerId, place: deckId });
    await this.reshare('deck_id = $1', deckId, () =>
      this.database.transaction(async (manager) => {
        const row = { deckId, teamId, may: 'edit' as const, until: null };
        await manager.createQueryBuilder().insert().into(DeckTeamRow).values(row).orIgnore().execute();
        const change = columnsOf(terms);
        if (Object.keys(change).length > 0) await manager.update(DeckTeamRow, { deckId, teamId }, change);
      }),
    );
    return this.view(ownerId, deckId);
  }

  /** Shares a deck with a team no more. */
  async endTeam(ownerId: string, deckId: string, teamId: string): Promise<AudiencesView> {
    await this.library.owned(ownerId, deckId);
    await this.audit.note({ act: 'sharing ended', by: ownerId, place: deckId });
    await this.reshare('deck_id = $1', deckId, () =>
      this.database.getRepository(DeckTeamRow).delete({ deckId, teamId }),
    );
    return this.view(ownerId, deckId);
  }

  /** Shares a deck with no team and no school any more. */
  async endAllOf(deckId: string): Promise<void> {
    await this.reshare('deck_id = $1', deckId, async () => {
      await this.database.getRepository(DeckTeamRow).delete({ deckId });
      await this.database.getRepository(DeckOfferRow).delete({ deckId });
    });
  }

  /** Takes back what somebody shares with their school and its teams: they are leaving it. */
  async endAllBy(manager: EntityManager, ownerId: string): Promise<void> {
    for (const table of ['deck_team', 'deck_offer'])
      await manager.query(`DELETE FROM ${table} WHERE deck_id IN (SELECT id FROM deck WHERE owner_id = $1)`, [ownerId]);
  }

  /** Ends what was shared until now. */
  async endDue(): Promise<void> {
    for (const table of ['deck_team', 'deck_offer']) {
      // What is over is in no view any more: whoever has it open is looked for by the tables.
      const [rows] = await this.database.query<[{ deck_id: string }[], number]>(
        `DELETE FROM ${table} WHERE until <= now() RETURNING deck_id`,
      );
      for (const { deck_id } of rows) this.sync.close(documentOf(deck_id));
    }
  }

  /**
   * Changes who has decks, and sends those concerned out of what they have open: they come back with what they may do
   * now. @param value a deck's id, a teacher's, or those of several
   */
  async reshare(concerned: Concerned, value: unknown, change: () => Promise<unknown>): Promise<void> {
    const had = await this.database.query<{ deckId: string; teacherId: string }[]>(
      `SELECT DISTINCT deck_id AS "deckId", teacher_id AS "teacherId" FROM deck_access
       WHERE through IN ('team', 'school') AND ${concerned}
         AND teacher_id <> (SELECT owner_id FROM deck WHERE id = deck_id)`,
      [value],
    );
    await change();
    for (const { deckId, teacherId } of had) this.sync.dismiss(documentOf(deckId), teacherId);
  }

  private async schoolOf(teacherId: string): Promise<string | null> {
    return (await this.database.getRepository(ColleagueRow).findOneBy({ teacherId }))?.schoolId ?? null;
  }

  private teamsOf(schoolId: string | null): Promise<{ id: string; name: string; members: number }[]> {
    return this.database.query(
      `SELECT id, name, count(teacher_id)::int AS members FROM team LEFT JOIN team_member ON team_id = id
       WHERE school_id = $1 GROUP BY id, name ORDER BY lower(name), id`,
      [schoolId],
    );
  }
}

function offerView({ may, until, subject, ageFrom, ageTo }: DeckOfferRow) {
  return { may, until: until?.toISOString() ?? null, subject, ageFrom, ageTo };
}

/** Terms as columns; what is not said is not there. */
function columnsOf({ may, until, subject, ageFrom, ageTo }: OfferTerms): Partial<DeckOfferRow> {
  return {
    ...(may === undefined ? {} : { may }),
    ...(until === undefined ? {} : { until: until === null ? null : new Date(until) }),
    ...(subject === undefined ? {} : { subject }),
    ...(ageFrom === undefined ? {} : { ageFrom }),
    ...(ageTo === undefined ? {} : { ageTo }),
  };
}

function documentOf(deckId: string): string {
  return formatDocumentName({ kind: 'deck', deckId });
}
