/** The field that a text is written into. */
import type { ItemId } from '@gobrel/core/deck';
import { wordsGiven } from '@gobrel/core/questions';
import { type FillIn, canAnswer } from '../hands.js';
import { useSurroundings } from '../surroundings.js';

interface WrittenAnswerProps {
  readonly item: { readonly id: ItemId; readonly prompt: string };
  readonly fillIn: FillIn | undefined;
  /** The most letters. */
  readonly most: number;
}

export function WrittenAnswer({ item, fillIn, most }: WrittenAnswerProps) {
  const { words } = useSurroundings();
  if (!fillIn) return <div className="gv-answer" />;
  return (
    <textarea
      className="gv-answer"
      aria-label={item.prompt || words.yourAnswer}
      placeholder={words.yourAnswer}
      readOnly={!canAnswer(fillIn, item.id)}
      value={wordsGiven(fillIn.work, item.id)}
      onChange={(event) => {
        const text = event.target.value;
        if (text.length > most) fillIn.warn(words.tooLong(most));
        else fillIn.setAnswer(item.id, { kind: 'words', text });
      }}
    />
  );
}
