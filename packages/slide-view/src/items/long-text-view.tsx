/** Draws a question answered at length, with a count of the words. */
import type { LongTextItem } from '@gobrel/core/deck';
import { lengthOf, wordsGiven } from '@gobrel/core/questions';
import { workLimits } from '@gobrel/core/work';
import { useSurroundings } from '../surroundings.js';
import type { ItemProps } from './item-props.js';
import { QuestionCard } from './question-card.js';
import { WrittenAnswer } from './written-answer.js';

export function LongTextView({ item, fillIn }: ItemProps<LongTextItem>) {
  const { asking } = useSurroundings().words;
  const { leastWords, mostWords } = item;
  const length = lengthOf(item, fillIn ? wordsGiven(fillIn.work, item.id) : '');
  const wanted = leastWords > 0 || mostWords > 0 ? asking.wordsWanted(leastWords, mostWords) : undefined;
  return (
    <QuestionCard item={item} note={wanted} letters={22}>
      <WrittenAnswer item={item} fillIn={fillIn} most={workLimits.longText} />
      {fillIn ? (
        <p className={length.over > 0 ? 'gv-count gv-wrong' : 'gv-count'} aria-live="off">
          {asking.words(length.words)}
        </p>
      ) : null}
    </QuestionCard>
  );
}
