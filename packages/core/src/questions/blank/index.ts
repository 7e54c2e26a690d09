/** Blanks. */
import type { QuestionKind } from '../question-kind.js';
import { markTyped } from '../typed-mark.js';

export const blankQuestion: QuestionKind<'blank'> = {
  mark: (item, work) => markTyped(work.blanks[item.id] ?? '', item.accepted, item.points),
  given: (item, work) => work.blanks[item.id] ?? '',
};
