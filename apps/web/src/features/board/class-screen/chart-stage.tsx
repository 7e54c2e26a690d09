/** The answers to one question, to be read from the back row and without names. */
import type { LessonView } from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import type { ChartShown } from '@gobrel/core/lesson';
import { useMemo } from 'react';
import { AnswersOf, type ChartPlace, ChartPlaceProvider } from '../answers';
import { useEverybody } from '../../../shared/watching';
import { messages } from '../../../shared/messages';

interface ChartStageProps {
  readonly lesson: LessonView;
  readonly edition: Deck;
  readonly shown: ChartShown;
}

/** Letters as large as a part of the screen's width, and not so large that a low one has no room for them. */
const LETTERS = { fontSize: 'clamp(16px, min(2.5vw, 4.6vh), 72px)' };

export function ChartStage({ lesson, edition, shown }: ChartStageProps) {
  const everybody = useEverybody(lesson, edition);
  const works = useMemo(
    () => everybody.filter(({ participant }) => participant.participantId !== null).map(({ work }) => work),
    [everybody],
  );
  const { isKeyShown } = shown;
  const place = useMemo((): ChartPlace => ({ isLarge: true, isKeyShown, footOf: null }), [isKeyShown]);
  const item = edition.items[shown.itemId];
  return (
    <main className="flex min-h-0 flex-1 flex-col px-[4vw] py-[3vh] leading-snug" style={LETTERS}>
      {item ? (
        <ChartPlaceProvider value={place}>
          <AnswersOf item={item} edition={edition} works={works} lessonId={lesson.id} people={NOBODY} />
        </ChartPlaceProvider>
      ) : (
        <p>{messages.watching.chartGone}</p>
      )}
    </main>
  );
}

/** The class sees no names. */
const NOBODY: [] = [];
