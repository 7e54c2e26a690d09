/** Choice: marking picked choices. */
import type { ChoiceItem } from '../../deck/index.js';
import type { Work } from '../../work/index.js';
import { emptyMark, type Mark, markOf } from '../mark.js';
import type { Rule } from '../rule.js';

/** The letter by which a choice is shown: A for index 0. */
export function choiceLetter(index: number): string {
  return String.fromCharCode(65 + index);
}

/** The ids a student picked. */
export function pickedIn(work: Work, itemId: string): readonly string[] {
  const answer = work.answers[itemId];
  return answer?.kind === 'choice' ? answer.picked : [];
}

/**
 * With one choice to pick: all points or none. With several: the share of right choices picked,
 * less one share for each wrong one, never below nothing, rounded to half points.
 */
export function markChoice(item: ChoiceItem, work: Work): Mark | null {
  if (item.right.length === 0) return null;
  const picked = pickedIn(work, item.id);
  if (picked.length === 0) return emptyMark(item.points, { code: 'nothing-picked' });
  const right = picked.filter((id) => item.right.includes(id)).length;
  const wrong = picked.length - right;
  if (!item.several) {
    return right > 0 && wrong === 0
      ? markOf(1, item.points, { code: 'right-choice' })
      : markOf(0, item.points, { code: 'key', key: givenChoices(item, item.right) });
  }
  if (right === item.right.length && wrong === 0) return markOf(1, item.points, { code: 'all-choices' });
  const share = Math.max(0, right - wrong) / item.right.length;
  return markOf(share, item.points, { code: 'choices', right, of: item.right.length, wrong });
}

/** How choices are marked; without a key it is a poll. */
export function ruleForChoice({ right, several }: ChoiceItem): Rule {
  if (right.length === 0) return { code: 'poll' };
  return { code: several ? 'choices' : 'right-choice' };
}

/** The picked choices as they were seen: letters, or their words when everybody has an order of their own. */
export function givenChoices(item: ChoiceItem, ids: readonly string[]): string {
  if (!item.shuffled) return lettersFor(item, ids);
  return item.choices.flatMap(({ id, text }) => (ids.includes(id) ? [text] : [])).join(', ');
}

/** The letters of some choices, in the order written, as "A, C". */
function lettersFor(item: ChoiceItem, ids: readonly string[]): string {
  return item.choices.flatMap((choice, index) => (ids.includes(choice.id) ? [choiceLetter(index)] : [])).join(', ');
}
