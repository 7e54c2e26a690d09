/** Decks in libraries. */
export { DecksModule } from './decks.module.js';
export { coverOf, LibraryService } from './library.service.js';
