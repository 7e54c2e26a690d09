/** Decks in libraries. */
export { AudiencesService, THEIRS_OR_THEM } from './audiences.service.js';
export { AuthorsService } from './authors.service.js';
export { DeckBinService } from './deck-bin.service.js';
export { DecksModule } from './decks.module.js';
export { InvitationsService, type Inviting } from './invitations.service.js';
export { coverOf, LibraryService } from './library.service.js';
