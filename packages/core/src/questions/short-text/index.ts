/** Short-text questions. */
import { acceptedInFront, type QuestionKind } from '../question-kind.js';
import { isReadForWords, markTyped, ruleForWords } from '../typed-mark.js';
import { answerInWords, wordsGiven } from '../words-given.js';

export const shortTextQuestion: QuestionKind<'short-text'> = {
  mark: (item, work) => markTyped(wordsGiven(work, item.id), item),
  isRead: isReadForWords,
  rule: ruleForWords,
  given: (item, work) => wordsGiven(work, item.id),
  keyFrom: ({ id, accepted }, work) => ({ accepted: acceptedInFront(wordsGiven(work, id).trim(), accepted) }),
  keyed: (item) => answerInWords(item.id, item.accepted.find((words) => words.trim() !== '') ?? ''),
};
