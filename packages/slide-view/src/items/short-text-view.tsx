/** Draws a short-text question. */
import type { ShortTextItem } from '@gobrel/core/deck';
import { workLimits } from '@gobrel/core/work';
import { useSurroundings } from '../surroundings.js';
import type { ItemProps } from './item-props.js';

export function ShortTextView({ item, fillIn }: ItemProps<ShortTextItem>) {
  const { words } = useSurroundings();
  const answer = fillIn?.work.answers[item.id];
  return (
    <div className="gv-question" style={{ fontSize: 24 }}>
      <p className="gv-prompt">{item.prompt}</p>
      {fillIn ? (
        <textarea
          className="gv-answer"
          aria-label={item.prompt || words.yourAnswer}
          placeholder={words.yourAnswer}
          readOnly={fillIn.locked}
          value={answer?.kind === 'words' ? answer.text : ''}
          onChange={(event) => {
            const text = event.target.value;
            if (text.length > workLimits.words) fillIn.warn(words.tooLong(workLimits.words));
            else fillIn.setAnswer(item.id, { kind: 'words', text });
          }}
        />
      ) : (
        <div className="gv-answer" />
      )}
    </div>
  );
}
