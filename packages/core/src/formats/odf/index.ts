/** Presentations in OpenDocument (ODF), both ways. */
export { isOdf, readOdf } from './read-deck.js';
export { writeOdf } from './write-deck.js';
