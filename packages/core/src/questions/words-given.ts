/** Answers that are words: read from work, and written as changes of it. */
import type { ItemId } from '../deck/index.js';
import type { Work, WorkChange } from '../work/index.js';

/** What was written; '' when nothing. */
export function wordsGiven(work: Work, itemId: ItemId): string {
  const answer = work.answers[itemId];
  return answer?.kind === 'words' ? answer.text : '';
}

/** Answering with words; nothing when there are none. */
export function answerInWords(itemId: ItemId, text: string): readonly WorkChange[] {
  return text === '' ? [] : [{ part: 'answers', id: itemId, value: { kind: 'words', text } }];
}
