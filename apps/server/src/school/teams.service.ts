/** Teams: colleagues of a school who share decks with each other. Any colleague makes one; its members change it. */
import type { NewTeam, OwnSchool, TeamTerms } from '@gobrel/contract';
import { newId } from '@gobrel/core/deck';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, type EntityManager, In } from 'typeorm';
import { ColleagueRow, TeamMemberRow, TeamRow } from '../database/index.js';
import { AudiencesService } from '../decks/index.js';
import { notFound, refuse } from '../errors/index.js';
import { SchoolsService } from './schools.service.js';

@Injectable()
export class TeamsService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly schools: SchoolsService,
    private readonly audiences: AudiencesService,
  ) {}

  /** A new team, with whoever makes it in it. */
  async make(teacherId: string, { name, members }: NewTeam): Promise<OwnSchool> {
    const { schoolId } = await this.schools.inSchool(teacherId);
    const id = newId();
    await this.database.transaction(async (manager) => {
      await manager.insert(TeamRow, { id, schoolId, name });
      await this.setMembers(manager, { id, schoolId }, [...members, teacherId]);
    });
    return this.schools.own(teacherId);
  }

  /** Gives a team another name, or other members: whoever is out has its decks no more. */
  async change(teacherId: string, id: string, { name, members }: TeamTerms): Promise<OwnSchool> {
    const team = await this.changeable(teacherId, id);
    const before = await this.database.getRepository(TeamMemberRow).findBy({ teamId: id });
    const out = before.map((row) => row.teacherId).filter((member) => members && !members.includes(member));
    await this.audiences.reshare('teacher_id = ANY($1)', out, () =>
      this.database.transaction(async (manager) => {
        if (name !== undefined) await manager.update(TeamRow, { id }, { name });
        if (members) await this.setMembers(manager, team, members);
      }),
    );
    return this.schools.own(teacherId);
  }

  /** Removes a team; decks are shared with it no more. */
  async remove(teacherId: string, id: string): Promise<OwnSchool> {
    await this.changeable(teacherId, id);
    const members = await this.database.getRepository(TeamMemberRow).findBy({ teamId: id });
    const ids = members.map((row) => row.teacherId);
    await this.audiences.reshare('teacher_id = ANY($1)', ids, () =>
      this.database.getRepository(TeamRow).delete({ id }),
    );
    return this.schools.own(teacherId);
  }

  /** A team that somebody may change: they are in it, or manage the school. */
  private async changeable(teacherId: string, id: string): Promise<TeamRow> {
    const { schoolId, manages } = await this.schools.inSchool(teacherId);
    const team = await this.database.getRepository(TeamRow).findOneBy({ id, schoolId });
    if (!team) throw notFound('team');
    const isIn = await this.database.getRepository(TeamMemberRow).existsBy({ teamId: id, teacherId });
    if (!isIn && !manages) throw refuse(403, 'not-allowed');
    return team;
  }

  private async setMembers(
    manager: EntityManager,
    { id, schoolId }: Pick<TeamRow, 'id' | 'schoolId'>,
    members: readonly string[],
  ): Promise<void> {
    const colleagues = await manager.findBy(ColleagueRow, { schoolId, teacherId: In([...members]) });
    if (colleagues.length < new Set(members).size) throw notFound('colleague');
    await manager.delete(TeamMemberRow, { teamId: id });
    await manager.insert(
      TeamMemberRow,
      colleagues.map(({ teacherId }) => ({ teamId: id, teacherId })),
    );
  }
}
