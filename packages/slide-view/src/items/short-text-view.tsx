/** Draws a short-text question. */
import type { ShortTextItem } from '@gobrel/core/deck';
import { workLimits } from '@gobrel/core/work';
import type { ItemProps } from './item-props.js';
import { QuestionCard } from './question-card.js';
import { WrittenAnswer } from './written-answer.js';

export function ShortTextView({ item, fillIn }: ItemProps<ShortTextItem>) {
  return (
    <QuestionCard item={item}>
      <WrittenAnswer item={item} fillIn={fillIn} most={workLimits.words} />
    </QuestionCard>
  );
}
