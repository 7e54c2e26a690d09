/** Schools: their colleagues, their teams, and the decks on their shelf. */
import { Module } from '@nestjs/common';
import { DecksModule } from '../decks/index.js';
import { ColleagueInvitationsController } from './colleague-invitations.controller.js';
import { ColleagueInvitationsService } from './colleague-invitations.service.js';
import { SchoolShelfController } from './school-shelf.controller.js';
import { SchoolShelfService } from './school-shelf.service.js';
import { SchoolsController } from './schools.controller.js';
import { SchoolsService } from './schools.service.js';
import { TeamsController } from './teams.controller.js';
import { TeamsService } from './teams.service.js';

@Module({
  imports: [DecksModule],
  controllers: [SchoolsController, TeamsController, SchoolShelfController, ColleagueInvitationsController],
  providers: [SchoolsService, TeamsService, SchoolShelfService, ColleagueInvitationsService],
  exports: [SchoolsService, TeamsService],
})
export class SchoolModule {}
