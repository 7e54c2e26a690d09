/** The slides of whoever shows, on another student's own device. */
import type { MyLessonView } from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import type { LessonState } from '@gobrel/core/lesson';
import { fittedRoom, ShowStage, useRoom } from '@gobrel/slide-view';
import { ArrowLeft } from 'lucide-react';
import { useMemo } from 'react';
import { Button } from '../../../shared/ui';
import { PointerDot, useTurnStop, useWorkOf } from '../../../shared/watching';
import { messages, slideName } from '../../../shared/messages';
import type { Ahead } from '../../walking';
import { Audience } from './turn-tools';

interface FollowTurnProps {
  readonly lesson: MyLessonView;
  readonly edition: Deck;
  readonly ahead: Ahead;
  readonly state: LessonState;
  readonly onLeave: () => void;
}

export function FollowTurn({ lesson, edition, ahead, state, onLeave }: FollowTurnProps) {
  const watched = useWorkOf(lesson.lessonId, edition, state.showing, 'student');
  const stop = useTurnStop(edition, state, watched);
  const [around, space] = useRoom<HTMLDivElement>();
  const room = useMemo(() => stop && fittedRoom(edition, stop, space), [edition, stop, space]);
  return (
    <div className="flex h-full flex-col">
      <header className="flex flex-wrap items-center gap-2 border-b border-rule px-3 py-1.5">
        <Button onClick={onLeave}>
          <ArrowLeft size={18} aria-hidden /> {messages.turns.back}
        </Button>
        <Audience state={state} />
      </header>
      <main ref={around} className="flex min-h-0 flex-1 items-center justify-center overflow-hidden p-2">
        {stop && !ahead.isHere(stop.slideId) ? <p>{messages.turns.notHereYet}</p> : null}
        {stop && ahead.isHere(stop.slideId) && room && room.width > 0 ? (
          <div className="relative border border-ink/70">
            <ShowStage
              deck={edition}
              stop={stop}
              room={room}
              work={watched.work}
              label={slideName(edition, stop.slideId)}
            />
            <PointerDot edition={edition} pointer={watched.place.pointer} />
          </div>
        ) : null}
      </main>
    </div>
  );
}
