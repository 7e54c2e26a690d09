/** Decks in libraries. */
import { Module } from '@nestjs/common';
import { DecksController } from './decks.controller.js';
import { LibraryService } from './library.service.js';

@Module({ controllers: [DecksController], providers: [LibraryService], exports: [LibraryService] })
export class DecksModule {}
