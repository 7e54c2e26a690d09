/** Short-text questions. */
import type { Work } from '../../work/index.js';
import type { QuestionKind } from '../question-kind.js';
import { markTyped } from '../typed-mark.js';

const typed = (work: Work, itemId: string): string => {
  const answer = work.answers[itemId];
  return answer?.kind === 'words' ? answer.text : '';
};

export const shortTextQuestion: QuestionKind<'short-text'> = {
  mark: (item, work) => markTyped(typed(work, item.id), item.accepted, item.points),
  given: (item, work) => typed(work, item.id),
};
