/** Presentations of open formats, both ways. */
export type { PresentationFault, ReadPresentation } from './found-deck.js';
export { PRESENTATION_BOUNDS } from './found-deck.js';
export { type PlainDeck, plainDeck } from './plain-deck.js';
export { readPresentation } from './read-presentation.js';
export type { TellWritten, WrittenFile } from './written-file.js';
export { pixelsOf } from './picture-bytes.js';
