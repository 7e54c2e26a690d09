/** Marks many works apart from the page, so that the board can be used meanwhile. */
import type { Deck } from '@gobrel/core/deck';
import { type Marks, markWork } from '@gobrel/core/questions';
import type { Work } from '@gobrel/core/work';
import { answerQuestions } from '../../../shared/workers';

/** Works to mark; the edition is said once and stays until another is. */
interface ToMark {
  readonly edition?: Deck;
  readonly works: readonly Work[];
}

let edition: Deck | null = null;

const tasks = {
  /** Their marks by the keys, in the same order. */
  mark: ({ edition: other, works }: ToMark): readonly Marks[] => {
    edition = other ?? edition;
    const known = edition;
    return known ? works.map((work) => markWork(known, work)) : [];
  },
};

/** What the worker does. */
export type MarkingTasks = typeof tasks;

answerQuestions(tasks);
