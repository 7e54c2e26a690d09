/** Decks, lessons and work as Yjs documents, both ways. */
export * from './deck-document.js';
export * from './document-name.js';
export * from './lesson-document.js';
export { readFragment, writeFragment } from './rich-text-fragment.js';
export * from './work-document.js';
