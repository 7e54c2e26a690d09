/** The question kinds: keys, checking, marking, tallying. */
export { comparable, isAccepted, likenessTo, type Likeness, slipsBetween, USUAL_CARE } from './accepted-words.js';
export {
  choiceLetter,
  choiceLetters,
  choicesFor,
  type ChoiceCount,
  type ChoiceTally,
  type FormWords,
  pickedIn,
  tallyChoice,
  withForm,
} from './choice/index.js';
export { type DrawingLayers, layerDrawings, strokesIn } from './draw/index.js';
export { keepAsKey } from './keep-as-key.js';
export { countWords, lengthOf } from './long-text/index.js';
export * from './mark.js';
export * from './marking.js';
export * from './outcomes.js';
export { type Reason } from './reason.js';
export { type Rule } from './rule.js';
export {
  keyWritten,
  type NumberKey,
  type NumberRead,
  type NumberTally,
  readNumbers,
  type Spread,
  spreadOf,
  tallyNumbers,
} from './number/index.js';
export {
  expectedIn,
  type LaidPiece,
  layerPlacements,
  placedIn,
  type PlacedPiece,
  type PlacementTally,
  tallyPlacements,
} from './placement/index.js';
export {
  atValue,
  type Density,
  densityOf,
  type DotCluster,
  dotsIn,
  isIn,
  type PointTally,
  tallyPoints,
  valueAt,
} from './point/index.js';
export { groupTexts, type TextGroup } from './short-text/group-texts.js';
export * from './standing.js';
export * from './statistics/index.js';
export * from './feedback.js';
export * from './used-up.js';
export { wordsGiven } from './words-given.js';
