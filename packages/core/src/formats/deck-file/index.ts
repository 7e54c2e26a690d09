/** Decks from files of any kind that is read here: which kind a text is, and slides of it. */
export { deckOfPictures, type ReceivedPicture } from './deck-of-pictures.js';
export { deckOfQuestions } from './deck-of-questions.js';
export { readDeckText } from './read-deck-text.js';
