/** Presentations in Office Open XML (ECMA-376), both ways. */
export { isOoxml, readOoxml, readOoxmlTheme, type TellRead } from './read-deck.js';
export { type TellWritten, writeOoxml, type WrittenFile } from './write-deck.js';
