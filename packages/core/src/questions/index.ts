/** The question kinds: keys, checking, marking, tallying. */
export { comparable, isAccepted } from './accepted-words.js';
export { choiceLetter, type ChoiceCount, type ChoiceTally, pickedIn, tallyChoice } from './choice/index.js';
export * from './mark.js';
export * from './marking.js';
export { placedIn } from './placement/index.js';
export * from './standing.js';
