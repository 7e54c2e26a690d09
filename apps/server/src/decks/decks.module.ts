/** Decks in libraries, who edits them, and how they were before. */
import { Module } from '@nestjs/common';
import { PicturesModule } from '../pictures/index.js';
import { AudiencesController } from './audiences.controller.js';
import { AudiencesService } from './audiences.service.js';
import { AuthorsController } from './authors.controller.js';
import { AuthorsService } from './authors.service.js';
import { DeckBinService } from './deck-bin.service.js';
import { DecksController } from './decks.controller.js';
import { InvitationsController } from './invitations.controller.js';
import { InvitationsService } from './invitations.service.js';
import { LibraryService } from './library.service.js';
import { ShelvesService } from './shelves.service.js';
import { UnitsController } from './units.controller.js';
import { VersionsController } from './versions.controller.js';
import { VersionsService } from './versions.service.js';

@Module({
  imports: [PicturesModule],
  controllers: [
    DecksController,
    UnitsController,
    AuthorsController,
    AudiencesController,
    InvitationsController,
    VersionsController,
  ],
  providers: [
    LibraryService,
    DeckBinService,
    ShelvesService,
    AuthorsService,
    AudiencesService,
    InvitationsService,
    VersionsService,
  ],
  exports: [LibraryService, DeckBinService, AudiencesService, AuthorsService, InvitationsService],
})
export class DecksModule {}
