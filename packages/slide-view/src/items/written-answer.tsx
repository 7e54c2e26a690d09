/** The field that a text is written into. */
import { type FormulaDrawings, type ItemId, wordsInLine } from '@gobrel/core/deck';
import { wordsGiven } from '@gobrel/core/questions';
import { type FillIn, canAnswer } from '../hands.js';
import { useSteadyCaret } from '../steady-caret.js';
import { useSurroundings } from '../surroundings.js';

interface WrittenAnswerProps {
  readonly item: { readonly id: ItemId; readonly prompt: string; readonly formulas: FormulaDrawings };
  readonly fillIn: FillIn | undefined;
  /** The most letters. */
  readonly most: number;
}

export function WrittenAnswer({ item, fillIn, most }: WrittenAnswerProps) {
  if (!fillIn) return <div className="gv-answer" />;
  return <Field item={item} fillIn={fillIn} most={most} />;
}

function Field({ item, fillIn, most }: WrittenAnswerProps & { readonly fillIn: FillIn }) {
  const { words } = useSurroundings();
  const value = wordsGiven(fillIn.work, item.id);
  const { note, ...caret } = useSteadyCaret<HTMLTextAreaElement>(value);
  return (
    <textarea
      {...caret}
      className="gv-answer"
      aria-label={wordsInLine(item.prompt, item.formulas) || words.yourAnswer}
      placeholder={words.yourAnswer}
      readOnly={!canAnswer(fillIn, item.id)}
      value={value}
      onChange={(event) => {
        note(event);
        const text = event.target.value;
        if (text.length > most) fillIn.warn(words.tooLong(most));
        else fillIn.setAnswer(item.id, { kind: 'words', text });
      }}
    />
  );
}
