/** Drawing questions: looked at by a person. */
import { noKey, type QuestionKind } from '../question-kind.js';
import { READ_BY_PERSON } from '../rule.js';
import { strokesIn } from './strokes-in.js';

export * from './layer-drawings.js';
export * from './strokes-in.js';

export const drawQuestion: QuestionKind<'draw'> = {
  mark: () => null,
  isRead: () => true,
  rule: () => READ_BY_PERSON,
  given: (item, work) => {
    const { length } = strokesIn(item, work);
    return length === 0 ? '' : length === 1 ? 'a stroke' : `${length} strokes`;
  },
  ...noKey,
};
