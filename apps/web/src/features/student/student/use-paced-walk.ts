/** A student's walk at either pace: along with the class where the teacher leads, else on their own among what is open. */
import type { MyLessonView } from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import { firstPage, isOpened, ledStop, type LessonState } from '@gobrel/core/lesson';
import { type ShowState, slidesWalked, startShow, takeStep } from '@gobrel/core/show';
import { readWorkDocument, writeWorkChanges } from '@gobrel/core/shared-doc';
import type { Work } from '@gobrel/core/work';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { OpenDocument } from '../../../shared/sync';
import { type Ahead, useWalk, type Walk } from '../../walking';
import { serverJudge } from './server-judge';

interface PacedWalker {
  readonly edition: Deck;
  readonly ahead: Ahead;
  readonly document: OpenDocument;
  readonly work: Work;
  readonly locked: boolean;
  readonly lessonState: LessonState;
  /** Whether that is known by now. */
  readonly isReady: boolean;
  /** Where the student was when the screen opened. */
  readonly start: ShowState;
}

const nothing = () => undefined;

/** The walk, and whether the teacher leads it. One's own place stays what it was meanwhile. */
export function usePacedWalk(walker: PacedWalker): { readonly walk: Walk; readonly isLed: boolean } {
  const { edition, ahead, document, work, locked, lessonState, isReady, start } = walker;
  const [state, setState] = useState(start);
  const onMove = useCallback(
    (next: ShowState) => {
      setState(next);
      if (locked) return;
      // Slides that the class was led to are seen too, though this walk did not lead there.
      const seen = [...new Set([...readWorkDocument(document.doc).seen, ...next.seen])];
      writeWorkChanges(document.doc, [{ part: 'walk', walk: slidesWalked(next), seen }]);
    },
    [document, locked],
  );
  const judge = useMemo(() => serverJudge(document), [document]);
  const own = useWalk({
    deck: edition,
    state,
    work,
    judge,
    mayEnter: (slideId) => isOpened(lessonState, slideId),
    ahead,
    onMove,
  });
  useGathering(isReady ? lessonState : null, edition, state, onMove);
  const led = ledStop(edition, lessonState);
  const ledTo = led?.slideId;
  const isNew = ledTo !== undefined && !work.seen.includes(ledTo);
  const { walk: walked, seen } = work;
  useEffect(() => {
    // Slides that the class was led to count as seen; one's own walk stays as it is.
    if (isNew && !locked) writeWorkChanges(document.doc, [{ part: 'walk', walk: walked, seen: [...seen, ledTo] }]);
  }, [document, locked, isNew, ledTo, walked, seen]);
  if (!led) return { walk: own, isLed: false };
  const walk: Walk = {
    at: led.slideId,
    stop: led,
    canGoBack: false,
    notice: null,
    sound: own.sound,
    endSound: own.endSound,
    step: nothing,
    follow: nothing,
  };
  return { walk, isLed: true };
}

/** Follows a call to one slide, once; one that was made before the screen opened was followed or is over. */
function useGathering(
  lessonState: LessonState | null,
  edition: Deck,
  state: ShowState,
  onMove: (next: ShowState) => void,
): void {
  const followed = useRef<number | null>(null);
  const gathering = lessonState?.gathering ?? null;
  const isKnown = lessonState !== null;
  useEffect(() => {
    // The call comes from the teacher's device.
    const number = gathering?.number ?? 0;
    if (!isKnown) return;
    if (followed.current === null || !gathering) {
      followed.current = number;
      return;
    }
    if (number <= followed.current) return;
    followed.current = number;
    const result = takeStep(edition, state, { type: 'go', slideId: gathering.slideId });
    if (result.type === 'moved') onMove(result.state);
  }, [isKnown, gathering, edition, state, onMove]);
}

/** Where a student begins who has not been anywhere: on the page of their own, or where the class was called to. */
export function beginning(
  edition: Deck,
  { workMode }: Pick<MyLessonView, 'workMode'>,
  { gathering }: LessonState,
): ShowState | null {
  const first = firstPage(edition, workMode) ?? gathering?.slideId;
  return startShow(edition, first);
}
