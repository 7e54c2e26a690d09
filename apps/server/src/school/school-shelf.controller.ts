/** The shelf of somebody's school, over HTTP. */
import { type OfferedDeck, Sought } from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import { Controller, Get, Param, Query } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { SchoolShelfService } from './school-shelf.service.js';

@Controller('api/school/shelf')
@Allow('teacher')
export class SchoolShelfController {
  constructor(private readonly shelf: SchoolShelfService) {}

  @Get()
  list(@TeacherId() teacherId: string): Promise<OfferedDeck[]> {
    return this.shelf.list(teacherId);
  }

  @Get('find')
  find(@TeacherId() teacherId: string, @Query() { words }: Sought): Promise<string[]> {
    return this.shelf.find(teacherId, words);
  }

  @Get(':deckId')
  preview(@TeacherId() teacherId: string, @Param('deckId') deckId: string): Promise<Deck> {
    return this.shelf.preview(teacherId, deckId);
  }
}
