/** Number questions. */
import type { QuestionKind } from '../question-kind.js';
import { inFirstUnit } from './in-first-unit.js';
import { readNumbers } from './read-number.js';
import { answerInWords, wordsGiven } from '../words-given.js';
import { markNumber, ruleForNumber } from './mark-number.js';

export { inFirstUnit } from './in-first-unit.js';
export { keyWritten, type NumberKey } from './key-written.js';
export { readNumbers, type NumberRead } from './read-number.js';
export * from './tally-numbers.js';

export const numberQuestion: QuestionKind<'number'> = {
  mark: markNumber,
  isRead: ({ right }) => right === null,
  rule: ruleForNumber,
  given: (item, work) => wordsGiven(work, item.id),
  keyFrom: ({ id, units }, work) => {
    const read = readNumbers(wordsGiven(work, id));
    const [right] = (read && inFirstUnit(read, units)?.values) ?? [];
    return right === undefined ? null : { right };
  },
  keyed: (item) =>
    item.right === null ? [] : answerInWords(item.id, [String(item.right), item.units[0]?.name ?? ''].join(' ').trim()),
};
