/** Shared documents and editions. */
import { Global, Module } from '@nestjs/common';
import { DocumentAccessService } from './document-access.js';
import { DocumentStore } from './document-store.js';
import { EditionsService } from './editions.service.js';
import { SyncService } from './sync.service.js';
import { SeatsService } from './seats.service.js';
import { UsedUpService } from './used-up.service.js';

@Global()
@Module({
  providers: [DocumentStore, DocumentAccessService, EditionsService, UsedUpService, SyncService, SeatsService],
  exports: [SyncService, EditionsService, DocumentAccessService, SeatsService],
})
export class SyncModule {}
