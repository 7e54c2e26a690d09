/** Asking colleagues to a school, and following the mail's link, over HTTP. */
import { NewAuthor, type OwnSchool, type SchoolInvitationView } from '@gobrel/contract';
import { Body, Controller, Delete, Get, HttpCode, Inject, Param, Post, Req } from '@nestjs/common';
import type { Request } from 'express';
import { Allow, TeacherId } from '../accounts/index.js';
import { languageFor } from '../languages.js';
import { MAIL_LANGUAGES } from '../mail/index.js';
import { PLACE, type Place, siteOf } from '../place.js';
import { ColleagueInvitationsService } from './colleague-invitations.service.js';

@Controller('api/school/invitations')
export class ColleagueInvitationsController {
  constructor(
    private readonly invitations: ColleagueInvitationsService,
    @Inject(PLACE) private readonly place: Place,
  ) {}

  @Post()
  @Allow('teacher')
  invite(@TeacherId() teacherId: string, @Body() { email }: NewAuthor, @Req() request: Request): Promise<OwnSchool> {
    const inviting = { site: siteOf(this.place, request), language: languageFor(request, MAIL_LANGUAGES) };
    return this.invitations.invite(teacherId, email, inviting);
  }

  @Delete(':id')
  @HttpCode(200)
  @Allow('teacher')
  takeBack(@TeacherId() teacherId: string, @Param('id') id: string): Promise<OwnSchool> {
    return this.invitations.takeBack(teacherId, id);
  }

  @Get(':token')
  @Allow('anyone')
  look(@Param('token') token: string): Promise<SchoolInvitationView> {
    return this.invitations.look(token);
  }

  @Post(':token/accept')
  @HttpCode(200)
  @Allow('teacher')
  accept(@TeacherId() teacherId: string, @Param('token') token: string): Promise<OwnSchool> {
    return this.invitations.accept(token, teacherId);
  }
}
