/** Presentations in Office Open XML (ECMA-376), both ways. */
export { isOoxml, readOoxml } from './read-deck.js';
export { writeOoxml } from './write-deck.js';
