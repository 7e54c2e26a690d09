/** Draws a number question: a field, and behind it the unit when there is no choice of one. */
import { type NumberItem, wordsInLine } from '@gobrel/core/deck';
import { wordsGiven } from '@gobrel/core/questions';
import { workLimits } from '@gobrel/core/work';
import { canAnswer } from '../hands.js';
import { useSurroundings } from '../surroundings.js';
import type { ItemProps } from './item-props.js';
import { QuestionCard } from './question-card.js';

export function NumberView({ item, fillIn }: ItemProps<NumberItem>) {
  const { words } = useSurroundings();
  const [unit] = item.units;
  const shown = unit && !item.unitNeeded && item.units.length === 1 ? unit.name : '';
  return (
    <QuestionCard item={item}>
      <div className="gv-number-answer">
        {fillIn ? (
          <input
            className="gv-answer"
            aria-label={[wordsInLine(item.prompt, item.formulas) || words.asking.number, shown]
              .filter(Boolean)
              .join(', ')}
            inputMode={item.unitNeeded ? 'text' : 'decimal'}
            autoComplete="off"
            placeholder={words.asking.number}
            readOnly={!canAnswer(fillIn, item.id)}
            value={wordsGiven(fillIn.work, item.id)}
            onChange={(event) => {
              const text = event.target.value;
              if (text.length > workLimits.blank) fillIn.warn(words.tooLong(workLimits.blank));
              else fillIn.setAnswer(item.id, { kind: 'words', text });
            }}
          />
        ) : (
          <div className="gv-answer" />
        )}
        {shown ? <span aria-hidden>{shown}</span> : null}
      </div>
    </QuestionCard>
  );
}
