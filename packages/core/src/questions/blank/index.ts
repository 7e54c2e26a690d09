/** Blanks: words typed or chosen within a text. */
import { acceptedInFront, type QuestionKind } from '../question-kind.js';
import { isReadForWords, markTyped, ruleForWords } from '../typed-mark.js';

export const blankQuestion: QuestionKind<'blank'> = {
  mark: (item, work) => markTyped(work.blanks[item.id] ?? '', item),
  isRead: isReadForWords,
  rule: ruleForWords,
  given: (item, work) => work.blanks[item.id] ?? '',
  keyFrom: ({ id, accepted }, work) => ({ accepted: acceptedInFront((work.blanks[id] ?? '').trim(), accepted) }),
  keyed: (item) => {
    const isOffered = (words: string) => item.options.length === 0 || item.options.includes(words);
    const value = item.accepted.find((words) => words.trim() !== '' && isOffered(words));
    return value === undefined ? [] : [{ part: 'blanks', id: item.id, value }];
  },
};
