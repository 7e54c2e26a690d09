/** The versions of a deck, over HTTP. */
import { VersionName, type VersionView } from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import { Body, Controller, Get, Param, Post } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { VersionsService } from './versions.service.js';

@Controller('api/decks/:id/versions')
@Allow('teacher')
export class VersionsController {
  constructor(private readonly versions: VersionsService) {}

  @Get()
  list(@TeacherId() teacherId: string, @Param('id') id: string): Promise<VersionView[]> {
    return this.versions.list(teacherId, id);
  }

  @Post()
  keep(
    @TeacherId() teacherId: string,
    @Param('id') deckId: string,
    @Body() { name }: VersionName,
  ): Promise<VersionView[]> {
    return this.versions.keep(teacherId, deckId, name);
  }

  @Get(':versionId')
  get(@TeacherId() teacherId: string, @Param('id') deckId: string, @Param('versionId') id: string): Promise<Deck> {
    return this.versions.get(teacherId, deckId, id);
  }
}
