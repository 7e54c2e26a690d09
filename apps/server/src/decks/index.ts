/** Decks in libraries. */
export { AuthorsService } from './authors.service.js';
export { DeckBinService } from './deck-bin.service.js';
export { DecksModule } from './decks.module.js';
export { InvitationsService } from './invitations.service.js';
export { coverOf, LibraryService } from './library.service.js';
