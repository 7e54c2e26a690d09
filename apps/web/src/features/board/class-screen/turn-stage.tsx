/** The slides of whose turn it is. They steer from their device, unless the teacher has taken over. */
import type { LessonView } from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import { type LessonState, withOwner } from '@gobrel/core/lesson';
import { useMemo } from 'react';
import { PointerDot, useTurnStop, useWorkOf } from '../../../shared/watching';
import { LessonStage } from './lesson-stage';

interface TurnStageProps {
  readonly lesson: LessonView;
  readonly edition: Deck;
  readonly state: LessonState;
  readonly name: string;
  readonly participantId: string;
}

export function TurnStage({ lesson, edition, state, name, participantId }: TurnStageProps) {
  const own = useMemo(() => withOwner(edition, lesson.workMode, name), [edition, lesson.workMode, name]);
  const watched = useWorkOf(lesson.id, own, participantId);
  const stop = useTurnStop(own, state, watched);
  // Until their work is there the place is theirs, and empty.
  if (!stop) return <main className="min-h-0 flex-1" />;
  const { zoom } = watched.place;
  return (
    // What is looked at closely stays within its place on the screen.
    <div className="flex min-h-0 flex-1 overflow-hidden">
      <div
        className="flex min-w-0 flex-1 transition-transform duration-200 motion-reduce:transition-none"
        style={zoom ? { transform: `scale(${zoom.times})`, transformOrigin: `${zoom.x * 100}% ${zoom.y * 100}%` } : {}}
      >
        <LessonStage edition={own} stop={stop} work={watched.work}>
          <PointerDot edition={own} pointer={watched.place.pointer} />
        </LessonStage>
      </div>
    </div>
  );
}
