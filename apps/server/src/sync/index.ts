/** Shared documents: one sync path for decks, lessons and work. */
export { DocumentRemovalService } from './document-removal.service.js';
export { DocumentAccessService } from './document-access.js';
export { EditionsService } from './editions.service.js';
export { SeatsService } from './seats.service.js';
export { SyncModule } from './sync.module.js';
export { SyncService } from './sync.service.js';
export { TokenBucket } from './token-bucket.js';
