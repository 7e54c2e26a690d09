/** Everybody's answers on a slide without their names, in an order that tells nobody whose is whose. */
import type { LessonView } from '@gobrel/contract';
import { type Deck, sizeOf } from '@gobrel/core/deck';
import type { AnswersShown } from '@gobrel/core/lesson';
import { SlideView, useFittedWidth, useRoom } from '@gobrel/slide-view';
import { LayeredSlide, useEverybody } from '../../../shared/watching';
import { messages } from '../../../shared/messages';

interface AnswersStageProps {
  readonly lesson: LessonView;
  readonly edition: Deck;
  readonly shown: AnswersShown;
}

/** Room between two of the small slides, in CSS pixels. */
const BETWEEN = 14;

export function AnswersStage({ lesson, edition, shown }: AnswersStageProps) {
  const everybody = useEverybody(lesson, edition);
  const answers = shown.of.flatMap((id, at) => {
    const found = everybody.find(({ participant }) => participant.participantId === id);
    return found ? [{ id, number: at + 1, work: found.work }] : [];
  });
  const picked = answers.filter(({ id }) => shown.picked.includes(id));
  const size = sizeOf(edition);
  const [around, room] = useRoom<HTMLDivElement>();
  const [largest, layeredWidth] = useFittedWidth<HTMLDivElement>(size);
  if (shown.how === 'layered')
    return (
      <main ref={largest} className="flex min-h-0 flex-1 items-center justify-center overflow-hidden">
        {layeredWidth > 0 ? (
          <LayeredSlide
            edition={edition}
            slideId={shown.slideId}
            works={answers.map(({ work }) => work)}
            width={layeredWidth}
          />
        ) : null}
      </main>
    );
  const drawn = picked.length > 0 ? picked : answers;
  const width = widthFor(drawn.length, room, size.height / size.width);
  return (
    <main ref={around} className="min-h-0 flex-1 overflow-hidden p-3">
      <ul className="flex flex-wrap content-start justify-center" style={{ gap: BETWEEN }}>
        {drawn.map(({ id, number, work }) => (
          <li key={id} className="overflow-hidden rounded border border-ink/70">
            {width > 0 ? (
              <SlideView
                deck={edition}
                slideId={shown.slideId}
                width={width}
                work={work}
                label={`${messages.watching.answer({ number })}${picked.length > 0 ? `, ${messages.watching.picked}` : ''}`}
              />
            ) : null}
          </li>
        ))}
      </ul>
    </main>
  );
}

/** The largest width at which so many slides fit into some room; `tall` is a slide's height by its width. */
function widthFor(count: number, { width, height }: { width: number; height: number }, tall: number): number {
  let best = 0;
  for (let columns = 1; columns <= Math.max(1, count); columns += 1) {
    const rows = Math.ceil(count / columns);
    const byWidth = (width - 24 - BETWEEN * (columns - 1)) / columns - 2;
    const byHeight = ((height - 24 - BETWEEN * (rows - 1)) / rows - 2) / tall;
    best = Math.max(best, Math.floor(Math.min(byWidth, byHeight)));
  }
  return best;
}
