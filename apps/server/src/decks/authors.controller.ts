/** Who has a deck, over HTTP. */
import { AuthorTerms, type AuthorView, InvitedAuthor } from '@gobrel/contract';
import { Body, Controller, Delete, Get, HttpCode, Inject, Param, Patch, Post, Req } from '@nestjs/common';
import type { Request } from 'express';
import { Allow, TeacherId } from '../accounts/index.js';
import { languageFor } from '../languages.js';
import { MAIL_LANGUAGES } from '../mail/index.js';
import { PLACE, type Place, siteOf } from '../place.js';
import { AuthorsService } from './authors.service.js';

@Controller('api/decks/:id/authors')
@Allow('teacher')
export class AuthorsController {
  constructor(
    private readonly authors: AuthorsService,
    @Inject(PLACE) private readonly place: Place,
  ) {}

  @Get()
  list(@TeacherId() teacherId: string, @Param('id') id: string): Promise<AuthorView[]> {
    return this.authors.list(teacherId, id);
  }

  @Post()
  letIn(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Body() body: InvitedAuthor,
    @Req() request: Request,
  ): Promise<AuthorView[]> {
    const inviting = { site: siteOf(this.place, request), language: languageFor(request, MAIL_LANGUAGES) };
    return this.authors.letIn(teacherId, id, body, inviting);
  }

  @Patch(':authorId')
  change(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Param('authorId') authorId: string,
    @Body() body: AuthorTerms,
  ): Promise<AuthorView[]> {
    return this.authors.change(teacherId, id, authorId, body);
  }

  @Delete(':authorId')
  @HttpCode(204)
  letOut(@TeacherId() teacherId: string, @Param('id') id: string, @Param('authorId') authorId: string): Promise<void> {
    return this.authors.letOut(teacherId, id, authorId);
  }
}
