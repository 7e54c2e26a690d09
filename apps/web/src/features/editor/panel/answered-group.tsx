/** Makes a slide that only shows something into one that is answered: for slides that came from elsewhere above all. */
import { slideAsQuestion, slideAsWorksheet, type SlideId } from '@gobrel/core/deck';
import { messages } from '../../../shared/messages';
import { Button } from '../../../shared/ui';
import { select } from '../state/desk';
import type { Editing } from '../state/editing';
import { FoldedGroup } from './parts';

export function AnsweredGroup({ editing, slideId }: { editing: Editing; slideId: SlideId }) {
  const says = messages.converting;
  const { deck, run, tellDone } = editing;
  const make = (made: Pick<NonNullable<ReturnType<typeof slideAsWorksheet>>, 'changes' | 'itemId'>, told: string) => {
    run(made.changes);
    select(made.itemId);
    tellDone(told);
  };
  const [question, worksheet] = [slideAsQuestion(deck, slideId), slideAsWorksheet(deck, slideId)];
  if (!question && !worksheet) return null;
  return (
    <FoldedGroup id="answered" title={says.answered}>
      <div className="grid gap-2">
        {question ? (
          <div>
            <Button onClick={() => make(question, question.isChoice ? says.madeQuestion : says.madeWords)}>
              {says.asQuestion}
            </Button>
            <p className="mt-1 text-sm text-soft">{says.asQuestionHint}</p>
          </div>
        ) : null}
        {worksheet ? (
          <div>
            <Button onClick={() => make(worksheet, says.madeWorksheet)}>{says.asWorksheet}</Button>
            <p className="mt-1 text-sm text-soft">{says.asWorksheetHint}</p>
          </div>
        ) : null}
      </div>
    </FoldedGroup>
  );
}
