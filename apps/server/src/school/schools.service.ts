/** Schools and who is in them. */
import type { OwnSchool, SchoolView } from '@gobrel/contract';
import { newId } from '@gobrel/core/deck';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, type EntityManager, In } from 'typeorm';
import { AuditService } from '../audit/index.js';
import { ColleagueRow, SchoolInvitationRow, SchoolRow, TeacherRow, TeamMemberRow, TeamRow } from '../database/index.js';
import { AudiencesService, THEIRS_OR_THEM } from '../decks/index.js';
import { notFound, refuse } from '../errors/index.js';

@Injectable()
export class SchoolsService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly audiences: AudiencesService,
    private readonly audit: AuditService,
  ) {}

  /** Somebody's school with everybody in it. */
  async own(teacherId: string): Promise<OwnSchool> {
    const mine = await this.colleagues.findOneBy({ teacherId });
    return { school: mine && (await this.view(mine)) };
  }

  /** Makes a school; whoever makes it manages it. @throws ProblemException when they are in one */
  async make(teacherId: string, name: string): Promise<OwnSchool> {
    const id = newId();
    await this.database.transaction(async (manager) => {
      await manager.insert(SchoolRow, { id, name });
      await this.enter(manager, { teacherId, schoolId: id, manages: true });
    });
    return this.own(teacherId);
  }

  /** Gives the school another name. */
  async rename(teacherId: string, name: string): Promise<OwnSchool> {
    const { schoolId } = await this.managed(teacherId);
    await this.database.getRepository(SchoolRow).update({ id: schoolId }, { name });
    return this.own(teacherId);
  }

  /** Lets a colleague manage the school, or no more. @throws ProblemException when nobody would manage it */
  async setManages(teacherId: string, colleagueId: string, manages: boolean): Promise<OwnSchool> {
    const { schoolId } = await this.managed(teacherId);
    await this.database.transaction(async (manager) => {
      const known = await manager.update(ColleagueRow, { teacherId: colleagueId, schoolId }, { manages });
      if (known.affected !== 1) throw notFound('colleague');
      if (!(await manager.existsBy(ColleagueRow, { schoolId, manages: true }))) throw refuse(409, 'last-manager');
    });
    return this.own(teacherId);
  }

  /** Lets a colleague out: whoever manages the school anybody, anybody else themselves. */
  async letOut(teacherId: string, colleagueId: string): Promise<OwnSchool> {
    const { schoolId } = colleagueId === teacherId ? await this.inSchool(teacherId) : await this.managed(teacherId);
    const isHere = await this.colleagues.existsBy({ teacherId: colleagueId, schoolId });
    if (!isHere) throw notFound('colleague');
    await this.audit.note({ act: 'colleague let out', by: teacherId, subject: colleagueId, place: schoolId });
    await this.leave(colleagueId, (manager) => this.mustBeManaged(manager, schoolId));
    return this.own(teacherId);
  }

  /** Lets out somebody whose account goes: whoever has been there longest manages the school then. */
  async leaveForGood(teacherId: string): Promise<void> {
    const mine = await this.colleagues.findOneBy({ teacherId });
    if (!mine) return;
    await this.leave(teacherId, async (manager) => {
      if (await manager.existsBy(ColleagueRow, { schoolId: mine.schoolId, manages: true })) return;
      const next = await manager.findOne(ColleagueRow, { where: { schoolId: mine.schoolId }, order: { since: 'ASC' } });
      if (next) await manager.update(ColleagueRow, { teacherId: next.teacherId }, { manages: true });
    });
  }

  /** Puts somebody into a school. @throws ProblemException when they are in another one */
  async enter(manager: EntityManager, row: Pick<ColleagueRow, 'teacherId' | 'schoolId' | 'manages'>): Promise<void> {
    const known = await manager.findOneBy(ColleagueRow, { teacherId: row.teacherId });
    if (known?.schoolId === row.schoolId) return;
    if (known) throw refuse(409, 'in-a-school');
    await manager.insert(ColleagueRow, row);
    await this.audit.note({ act: 'colleague let in', by: row.teacherId, subject: row.teacherId, place: row.schoolId });
  }

  /** A teacher in their school. @throws ProblemException when they are in none */
  async inSchool(teacherId: string): Promise<ColleagueRow> {
    const mine = await this.colleagues.findOneBy({ teacherId });
    if (!mine) throw refuse(409, 'no-school');
    return mine;
  }

  /** The same for whoever manages it. */
  async managed(teacherId: string): Promise<ColleagueRow> {
    const mine = await this.inSchool(teacherId);
    if (!mine.manages) throw refuse(403, 'not-allowed');
    return mine;
  }

  /** Takes somebody out of their school with what they share there; `settle` says what becomes of the school. */
  private async leave(teacherId: string, settle: (manager: EntityManager) => Promise<void>): Promise<void> {
    const { schoolId } = await this.inSchool(teacherId);
    await this.audiences.reshare(THEIRS_OR_THEM, teacherId, () =>
      this.database.transaction(async (manager) => {
        await this.audiences.endAllBy(manager, teacherId);
        await manager.delete(ColleagueRow, { teacherId });
        if (await manager.existsBy(ColleagueRow, { schoolId })) await settle(manager);
        else await manager.delete(SchoolRow, { id: schoolId });
      }),
    );
  }

  private async mustBeManaged(manager: EntityManager, schoolId: string): Promise<void> {
    if (!(await manager.existsBy(ColleagueRow, { schoolId, manages: true }))) throw refuse(409, 'last-manager');
  }

  private get colleagues() {
    return this.database.getRepository(ColleagueRow);
  }

  private async view({ schoolId, teacherId }: ColleagueRow): Promise<SchoolView> {
    const [school, colleagues, invited, teams] = await Promise.all([
      this.database.getRepository(SchoolRow).findOneByOrFail({ id: schoolId }),
      this.colleagues.findBy({ schoolId }),
      this.database.getRepository(SchoolInvitationRow).find({ where: { schoolId }, order: { email: 'ASC' } }),
      this.database.getRepository(TeamRow).findBy({ schoolId }),
    ]);
    const [teachers, members] = await Promise.all([
      this.database.getRepository(TeacherRow).findBy({ id: In(colleagues.map((row) => row.teacherId)) }),
      this.database.getRepository(TeamMemberRow).findBy({ teamId: In(teams.map(({ id }) => id)) }),
    ]);
    const managing = new Set(colleagues.filter(({ manages }) => manages).map((row) => row.teacherId));
    return {
      id: schoolId,
      name: school.name,
      me: teacherId,
      colleagues: teachers
        .map(({ id, name, email }) => ({ id, name, email, manages: managing.has(id) }))
        .sort((a, b) => a.name.localeCompare(b.name)),
      invited: invited.map(({ id, email }) => ({ id, email })),
      teams: teams
        .map(({ id, name }) => ({
          id,
          name,
          members: members.filter(({ teamId }) => teamId === id).map((row) => row.teacherId),
        }))
        .sort((a, b) => a.name.localeCompare(b.name)),
    };
  }
}
