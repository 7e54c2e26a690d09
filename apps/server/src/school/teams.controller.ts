/** The teams of somebody's school, over HTTP. */
import { NewTeam, type OwnSchool, TeamTerms } from '@gobrel/contract';
import { Body, Controller, Delete, HttpCode, Param, Patch, Post } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { TeamsService } from './teams.service.js';

@Controller('api/school/teams')
@Allow('teacher')
export class TeamsController {
  constructor(private readonly teams: TeamsService) {}

  @Post()
  make(@TeacherId() teacherId: string, @Body() body: NewTeam): Promise<OwnSchool> {
    return this.teams.make(teacherId, body);
  }

  @Patch(':id')
  change(@TeacherId() teacherId: string, @Param('id') id: string, @Body() body: TeamTerms): Promise<OwnSchool> {
    return this.teams.change(teacherId, id, body);
  }

  @Delete(':id')
  @HttpCode(200)
  remove(@TeacherId() teacherId: string, @Param('id') id: string): Promise<OwnSchool> {
    return this.teams.remove(teacherId, id);
  }
}
