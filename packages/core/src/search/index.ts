/** Search: decks found by what they are called and by the words on their slides. */
export * from './find-in-deck.js';
export * from './folded.js';
