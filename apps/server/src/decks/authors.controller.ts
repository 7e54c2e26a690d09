/** Who edits a deck, over HTTP. */
import { type AuthorView, NewAuthor } from '@gobrel/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { AuthorsService } from './authors.service.js';

@Controller('api/decks/:id/authors')
@Allow('teacher')
export class AuthorsController {
  constructor(private readonly authors: AuthorsService) {}

  @Get()
  list(@TeacherId() teacherId: string, @Param('id') id: string): Promise<AuthorView[]> {
    return this.authors.list(teacherId, id);
  }

  @Post()
  letIn(@TeacherId() teacherId: string, @Param('id') id: string, @Body() { email }: NewAuthor): Promise<AuthorView[]> {
    return this.authors.letIn(teacherId, id, email);
  }

  @Delete(':authorId')
  @HttpCode(204)
  letOut(@TeacherId() teacherId: string, @Param('id') id: string, @Param('authorId') authorId: string): Promise<void> {
    return this.authors.letOut(teacherId, id, authorId);
  }
}
