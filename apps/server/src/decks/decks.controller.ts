/** A teacher's decks. */
import { DeckCopy, DeckTitle, type DeckSummary, type FoundDeck, NewDeck, Shelving, Sought } from '@gobrel/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post, Query } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { DeckBinService } from './deck-bin.service.js';
import { LibraryService } from './library.service.js';
import { ShelvesService } from './shelves.service.js';

@Controller('api/decks')
@Allow('teacher')
export class DecksController {
  constructor(
    private readonly library: LibraryService,
    private readonly bin: DeckBinService,
    private readonly shelves: ShelvesService,
  ) {}

  @Get()
  list(@TeacherId() teacherId: string): Promise<DeckSummary[]> {
    return this.library.list(teacherId);
  }

  @Post()
  create(@TeacherId() teacherId: string, @Body() body: NewDeck): Promise<DeckSummary> {
    return this.library.create(teacherId, body);
  }

  @Get('find')
  find(@TeacherId() teacherId: string, @Query() { words }: Sought): Promise<FoundDeck[]> {
    return this.library.find(teacherId, words);
  }

  @Post('shelve')
  @HttpCode(204)
  shelve(@TeacherId() teacherId: string, @Body() body: Shelving): Promise<void> {
    return this.shelves.shelve(teacherId, body);
  }

  @Get(':id')
  get(@TeacherId() teacherId: string, @Param('id') id: string): Promise<DeckSummary> {
    return this.library.get(teacherId, id);
  }

  @Patch(':id')
  rename(@TeacherId() teacherId: string, @Param('id') id: string, @Body() body: DeckTitle): Promise<DeckSummary> {
    return this.library.rename(teacherId, id, body.title);
  }

  @Post(':id/copy')
  copy(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Body() { title }: DeckCopy = {},
  ): Promise<DeckSummary> {
    return this.library.copy(teacherId, id, title);
  }

  @Delete(':id')
  @HttpCode(204)
  remove(@TeacherId() teacherId: string, @Param('id') id: string): Promise<void> {
    return this.bin.put(teacherId, id);
  }

  @Post(':id/restore')
  restore(@TeacherId() teacherId: string, @Param('id') id: string): Promise<DeckSummary> {
    return this.bin.restore(teacherId, id);
  }
}
