/** Sharing a deck with teams and the school, over HTTP. */
import { type AudiencesView, AuthorTerms, OfferTerms } from '@gobrel/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Put } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { AudiencesService } from './audiences.service.js';

@Controller('api/decks/:id/audiences')
@Allow('teacher')
export class AudiencesController {
  constructor(private readonly audiences: AudiencesService) {}

  @Get()
  view(@TeacherId() teacherId: string, @Param('id') id: string): Promise<AudiencesView> {
    return this.audiences.view(teacherId, id);
  }

  @Put('school')
  offer(@TeacherId() teacherId: string, @Param('id') id: string, @Body() body: OfferTerms): Promise<AudiencesView> {
    return this.audiences.offer(teacherId, id, body);
  }

  @Delete('school')
  @HttpCode(200)
  endOffer(@TeacherId() teacherId: string, @Param('id') id: string): Promise<AudiencesView> {
    return this.audiences.endOffer(teacherId, id);
  }

  @Put('teams/:teamId')
  shareWith(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Param('teamId') teamId: string,
    @Body() body: AuthorTerms,
  ): Promise<AudiencesView> {
    return this.audiences.shareWith(teacherId, id, teamId, body);
  }

  @Delete('teams/:teamId')
  @HttpCode(200)
  endTeam(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Param('teamId') teamId: string,
  ): Promise<AudiencesView> {
    return this.audiences.endTeam(teacherId, id, teamId);
  }
}
