/** Choice questions. */
import type { QuestionKind } from '../question-kind.js';
import { lettersFor, markChoice, pickedIn } from './mark-choice.js';

export { choiceLetter, pickedIn } from './mark-choice.js';
export * from './tally-choice.js';

export const choiceQuestion: QuestionKind<'choice'> = {
  mark: markChoice,
  given: (item, work) => lettersFor(item, pickedIn(work, item.id)),
};
