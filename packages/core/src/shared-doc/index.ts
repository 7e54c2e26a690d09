/** Decks, lessons and work as Yjs documents, both ways. */
export {
  deckScope,
  encodeDeck,
  readDeckDocument,
  textFragment,
  writeChanges,
  writeDeckDocument,
} from './deck-document.js';
export * from './deck-follower.js';
export * from './document-name.js';
export * from './document-token.js';
export * from './lesson-document.js';
export { isTooDeepUnder } from './plain-fields.js';
export { readFragment, writeFragment } from './rich-text-fragment.js';
export { type Splice, placeAfter, spliceBetween } from './splice.js';
export * from './touched-work.js';
export * from './work-document.js';
