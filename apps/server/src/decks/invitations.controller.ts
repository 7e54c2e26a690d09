/** Following the link of a mail by which somebody was asked to a deck. */
import type { DeckOfOwn, InvitationView } from '@gobrel/contract';
import { Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { InvitationsService } from './invitations.service.js';

@Controller('api/invitations/:token')
export class InvitationsController {
  constructor(private readonly invitations: InvitationsService) {}

  @Get()
  @Allow('anyone')
  look(@Param('token') token: string): Promise<InvitationView> {
    return this.invitations.look(token);
  }

  @Post('accept')
  @HttpCode(200)
  @Allow('teacher')
  async accept(@TeacherId() teacherId: string, @Param('token') token: string): Promise<DeckOfOwn> {
    return { deckId: await this.invitations.accept(token, teacherId) };
  }
}
