/** The slide that the class is led to, as large as there is room. */
import { slideName } from '../../../shared/messages';
import type { Deck } from '@gobrel/core/deck';
import type { Stop } from '@gobrel/core/show';
import type { Work } from '@gobrel/core/work';
import { fittedRoom, ShowStage, useRoom } from '@gobrel/slide-view';
import { type ReactNode, useMemo } from 'react';
import { SlideSounds } from '../../walking';

interface LessonStageProps {
  readonly edition: Deck;
  readonly stop: Stop;
  readonly work?: Work;
  /** What lies over the slide. */
  readonly children?: ReactNode;
}

export function LessonStage({ edition, stop, work, children }: LessonStageProps) {
  const [around, space] = useRoom<HTMLDivElement>();
  const room = useMemo(() => fittedRoom(edition, stop, space), [edition, stop, space]);
  return (
    <main ref={around} className="flex min-h-0 flex-1 items-center justify-center overflow-hidden">
      {room.width > 0 ? (
        <div className="relative overflow-hidden">
          <ShowStage
            deck={edition}
            stop={stop}
            room={room}
            plays
            {...(work ? { work } : {})}
            label={slideName(edition, stop.slideId)}
          />
          <SlideSounds deck={edition} slideId={stop.slideId} />
          {children}
        </div>
      ) : null}
    </main>
  );
}
