/** Choice: counting many students' answers. */
import type { ChoiceItem } from '../../deck/index.js';
import type { Work } from '../../work/index.js';
import { choiceLetter, pickedIn } from './mark-choice.js';

/** How often one choice was picked. */
export interface ChoiceCount {
  readonly id: string;
  readonly letter: string;
  readonly text: string;
  readonly right: boolean;
  readonly count: number;
  /** Part of those who answered, 0 to 1; 0 when nobody did. */
  readonly share: number;
}

/** The counts for a choice question. */
export interface ChoiceTally {
  readonly answered: number;
  readonly choices: readonly ChoiceCount[];
}

/** Counts who picked what; with several choices to pick, shares may add up to more than 1. */
export function tallyChoice(item: ChoiceItem, works: readonly Work[]): ChoiceTally {
  const answers = works.map((work) => pickedIn(work, item.id)).filter((picked) => picked.length > 0);
  const choices = item.choices.map((choice, index) => {
    const count = answers.filter((picked) => picked.includes(choice.id)).length;
    return {
      id: choice.id,
      letter: choiceLetter(index),
      text: choice.text,
      right: item.right.includes(choice.id),
      count,
      share: answers.length === 0 ? 0 : count / answers.length,
    };
  });
  return { answered: answers.length, choices };
}
