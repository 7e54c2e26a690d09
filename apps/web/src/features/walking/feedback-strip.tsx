/** Under a slide: checking its answers, what was said to them, and hints for whoever wants one. */
import { type QuestionItem, type Deck, type Item, itemsOf, nameOf, type SlideId } from '@gobrel/core/deck';
import { isQuestion, checkableOn, type AnswerFeedback, type Verdict } from '@gobrel/core/questions';
import { isFilledIn, type Work } from '@gobrel/core/work';
import { CircleCheck, Lightbulb } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../../shared/ui';
import { messages, reasonInWords } from '../../shared/messages';

interface FeedbackStripProps {
  readonly edition: Deck;
  readonly slideId: SlideId;
  readonly work: Work;
  readonly feedback: Readonly<Record<string, AnswerFeedback>>;
  readonly locked: boolean;
  readonly checking: boolean;
  readonly onCheck: (itemIds: readonly string[]) => void;
}

const signs: Readonly<Record<Verdict, string>> = { right: '✓', partly: '½', wrong: '✕', empty: '–', unmarked: '✎' };
const tones: Readonly<Record<Verdict, string>> = {
  right: 'text-reed',
  partly: 'text-amber',
  wrong: 'text-berry',
  empty: 'text-soft',
  unmarked: 'text-dusk',
};

/** Everything of one slide; give it the slide's id as key, so that hints of another slide are not open here. */
export function FeedbackStrip({ edition, slideId, work, feedback, locked, checking, onCheck }: FeedbackStripProps) {
  const [given, setGiven] = useState(0);
  const asking = itemsOf(edition, slideId).filter((item): item is QuestionItem => isQuestion(item) && !item.hidden);
  const hints = locked ? [] : asking.flatMap((item) => item.hints.map((hint) => ({ hint, item })));
  const checkable = locked ? [] : checkableOn(edition, slideId).filter(({ id }) => feedback[id]?.left !== 0);
  const filled = checkable.filter((item) => isFilledIn(item, work) && !feedback[item.id]);
  const said = asking.flatMap((item) => {
    const about = feedback[item.id];
    return about ? [{ item, ...about }] : [];
  });
  if (hints.length === 0 && checkable.length === 0 && said.length === 0) return null;
  const called = (item: Item) => (asking.length > 1 ? nameOf(item) || messages.kinds[item.kind] : '');
  const left = checkable.flatMap(({ id, attempts }) =>
    attempts === 0 || feedback[id]?.verdict === 'right' ? [] : [feedback[id]?.left ?? attempts],
  );
  return (
    <section aria-label={messages.telling.title} className="border-t border-rule bg-card px-3 py-2">
      <div className="mx-auto flex max-w-5xl flex-wrap items-center gap-x-3 gap-y-1">
        {checkable.length > 0 ? (
          <>
            <Button disabled={checking || filled.length === 0} onClick={() => onCheck(filled.map(({ id }) => id))}>
              <CircleCheck size={18} aria-hidden /> {checking ? messages.telling.checking : messages.telling.check}
            </Button>
            {left.length > 0 ? (
              <span className="text-sm text-soft">{messages.telling.left({ count: Math.min(...left) })}</span>
            ) : null}
          </>
        ) : null}
        {given < hints.length ? (
          <Button look="quiet" onClick={() => setGiven(given + 1)}>
            <Lightbulb size={18} aria-hidden /> {given === 0 ? messages.telling.hint : messages.telling.nextHint}
          </Button>
        ) : null}
        <div role="status" className={`min-w-0 flex-1 ${given > 0 || said.length > 0 ? 'basis-72' : ''}`}>
          <ul>
            {hints.slice(0, given).map(({ hint, item }, at) => (
              <li key={at}>
                <Lightbulb size={16} aria-hidden className="me-1 inline" />
                <span className="spoken">{messages.telling.hint}: </span>
                {called(item) ? <strong>{called(item)}: </strong> : null}
                {hint}
              </li>
            ))}
            {said.map(({ item, verdict, says, why, points, outOf }) => (
              <li key={item.id}>
                <strong className={tones[verdict]}>
                  <span aria-hidden>{signs[verdict]} </span>
                  {messages.onSlides.verdicts[verdict]}{' '}
                  {verdict === 'unmarked' ? '' : messages.onSlides.points({ points, outOf })}
                </strong>{' '}
                {called(item) ? <span className="text-soft">{called(item)} · </span> : null}
                {[says, why ? reasonInWords(why) : ''].filter(Boolean).join(' ')}
              </li>
            ))}
          </ul>
        </div>
      </div>
    </section>
  );
}
