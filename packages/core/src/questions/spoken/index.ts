/** Spoken answers: listened to by a person. */
import { noKey, type QuestionKind } from '../question-kind.js';
import { READ_BY_PERSON } from '../rule.js';

export const spokenQuestion: QuestionKind<'spoken'> = {
  mark: () => null,
  isRead: () => true,
  rule: () => READ_BY_PERSON,
  given: (item, work) => {
    const answer = work.answers[item.id];
    return answer?.kind === 'sound' && answer.bytes !== '' ? `${Math.round(answer.seconds)} s spoken` : '';
  },
  ...noKey,
};
