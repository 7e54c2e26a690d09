/** Shared documents and editions. */
import { Global, Module } from '@nestjs/common';
import { DocumentRemovalService } from './document-removal.service.js';
import { DocumentAccessService } from './document-access.js';
import { UpdateLog } from './update-log.js';
import { EditionsService } from './editions.service.js';
import { SyncService } from './sync.service.js';
import { SeatsService } from './seats.service.js';
import { AttemptLimitsService } from './attempt-limits.service.js';

@Global()
@Module({
  providers: [
    UpdateLog,
    DocumentAccessService,
    EditionsService,
    AttemptLimitsService,
    SyncService,
    DocumentRemovalService,
    SeatsService,
  ],
  exports: [SyncService, DocumentRemovalService, EditionsService, DocumentAccessService, SeatsService],
})
export class SyncModule {}
