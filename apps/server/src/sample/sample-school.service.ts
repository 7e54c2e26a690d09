/** Loads the school of the sample scenario: colleagues, a team, the shelf. */
import type { DemoScenario } from '@gobrel/demo';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { AudiencesService, LibraryService } from '../decks/index.js';
import { SchoolsService, TeamsService } from '../school/index.js';

@Injectable()
export class SampleSchoolService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly library: LibraryService,
    private readonly schools: SchoolsService,
    private readonly teams: TeamsService,
    private readonly audiences: AudiencesService,
  ) {}

  /** Writes the school of a scenario whose teachers and decks are there. */
  async write({ teacher, school }: DemoScenario): Promise<void> {
    const made = await this.schools.make(teacher.id, school.name);
    const schoolId = made.school?.id ?? '';
    for (const { id, decks } of school.colleagues) {
      await this.database.transaction((manager) =>
        this.schools.enter(manager, { teacherId: id, schoolId, manages: false }),
      );
      for (const { id: deckId, deck } of decks) await this.library.keep(id, deck, deckId);
    }
    const { name, members, deckId } = school.team;
    const own = await this.teams.make(teacher.id, { name, members: [...members] });
    await this.audiences.shareWith(teacher.id, deckId, own.school?.teams[0]?.id ?? '', { may: 'edit' });
    for (const { deckId: offered, by, subject, ageFrom, ageTo } of school.shelf)
      await this.audiences.offer(by, offered, { subject, ageFrom, ageTo });
  }
}
