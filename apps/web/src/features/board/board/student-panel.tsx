/** One student's slides as the student has them, with marks. */
import type { LessonView } from '@gobrel/contract';
import { type Deck, itemsOf, nameOf, slidesInOrder } from '@gobrel/core/deck';
import { givenFor, isQuestion, type MarkedWork } from '@gobrel/core/questions';
import { startTurn, withOwner } from '@gobrel/core/lesson';
import { strandedIn } from '@gobrel/core/work';
import { ChevronLeft, ChevronRight, Presentation } from 'lucide-react';
import { useMemo, useState } from 'react';
import type { LiveLesson } from '../../../shared/sync';
import { serverNow } from '../../../shared/api';
import { WideSlide } from '../../../shared/slides';
import { Button, IconButton } from '../../../shared/ui';
import type { Watched } from '../../../shared/watching';
import { messages, reasonInWords, slideName } from '../../../shared/messages';
import { SeatMenu } from './seat-menu';

interface StudentPanelProps {
  readonly lesson: LessonView;
  readonly edition: Deck;
  readonly watched: Watched;
  /** Their marks, with the work they are of. */
  readonly marked: MarkedWork | undefined;
  readonly live: LiveLesson;
}

export function StudentPanel({ lesson, edition, watched, marked, live }: StudentPanelProps) {
  const { participant, work, stop } = watched;
  const own = useMemo(
    () => withOwner(edition, lesson.workMode, participant.name),
    [edition, lesson.workMode, participant.name],
  );
  const marks = marked?.work === work ? marked.marks : undefined;
  const [chosen, setChosen] = useState<string | null>(null);
  const order = slidesInOrder(edition);
  const slideId = chosen ?? stop?.slideId ?? order[0]?.id ?? '';
  const place = order.findIndex((slide) => slide.id === slideId);
  const turn = (by: number) => setChosen(order[place + by]?.id ?? slideId);
  const questions = itemsOf(edition, slideId).filter(isQuestion);
  const stranded = strandedIn(edition, work).length;
  return (
    <section
      aria-label={messages.board.slidesOf({ name: participant.name })}
      className="rounded-md border border-rule bg-card p-4"
    >
      <div className="mb-2 flex items-center justify-between gap-2">
        <h2 className="text-lg">{participant.name}</h2>
        <span className="flex items-center">
          <Button onClick={() => live.change((now) => startTurn(now, participant.participantId ?? '', serverNow()))}>
            <Presentation size={16} aria-hidden /> {messages.board.showNow}
          </Button>
          <SeatMenu lessonId={lesson.id} participant={participant} />
        </span>
      </div>
      <div className="overflow-hidden rounded border border-edge">
        <WideSlide
          deck={own}
          slideId={slideId}
          work={work}
          marks={marks}
          label={messages.board.slideOf({ slide: slideName(edition, slideId), name: participant.name })}
        />
      </div>
      <div className="mt-1 flex items-center justify-between">
        <IconButton name={messages.board.slideBefore} disabled={place <= 0} onClick={() => turn(-1)}>
          <ChevronLeft aria-hidden />
        </IconButton>
        <span className="text-center font-semibold">
          {slideName(edition, slideId)}
          {chosen === null && stop ? (
            <span className="block text-sm font-normal text-soft">{messages.board.follows}</span>
          ) : null}
        </span>
        <IconButton name={messages.board.slideAfter} disabled={place >= order.length - 1} onClick={() => turn(1)}>
          <ChevronRight aria-hidden />
        </IconButton>
      </div>
      {questions.length > 0 ? (
        <dl className="mt-2 grid grid-cols-[minmax(0,1fr)_auto] gap-x-3 text-sm">
          {questions.map((item) => {
            const mark = marks?.items[item.id];
            return (
              <div key={item.id} className="col-span-2 grid grid-cols-subgrid border-t border-rule py-1.5">
                <dt className="text-soft">{nameOf(item) || messages.onSlides.blank}</dt>
                <dd className="text-end tabular-nums">
                  {mark && mark.verdict !== 'unmarked'
                    ? messages.onSlides.points({ points: mark.points, outOf: mark.outOf })
                    : ''}
                </dd>
                <dd className="col-span-2">
                  <strong>{givenFor(item, work, edition) || messages.board.nothingGiven}</strong>{' '}
                  <span className="text-soft">{mark ? reasonInWords(mark.why) : null}</span>
                </dd>
              </div>
            );
          })}
        </dl>
      ) : null}
      {stranded > 0 ? <p className="mt-2 text-sm text-amber">{messages.board.stranded({ count: stranded })}</p> : null}
    </section>
  );
}
