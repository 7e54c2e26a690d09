/** Choice questions. */
import type { QuestionKind } from '../question-kind.js';
import { givenChoices, markChoice, pickedIn, ruleForChoice } from './mark-choice.js';

export { choiceLetters } from './choice-letters.js';
export { choiceLetter, pickedIn } from './mark-choice.js';
export * from './choice-forms.js';
export * from './shuffled-choices.js';
export * from './tally-choice.js';

export const choiceQuestion: QuestionKind<'choice'> = {
  mark: markChoice,
  // A poll is not marked by anybody.
  isRead: () => false,
  rule: ruleForChoice,
  given: (item, work) => givenChoices(item, pickedIn(work, item.id)),
  keyFrom: ({ id }, work) => ({ right: pickedIn(work, id) }),
  keyed: (item) => {
    const picked = item.several ? item.right : item.right.slice(0, 1);
    return picked.length === 0 ? [] : [{ part: 'answers', id: item.id, value: { kind: 'choice', picked } }];
  },
};
