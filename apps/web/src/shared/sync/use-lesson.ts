/** What the teacher steers in a lesson, live. */
import { type LessonChange, type LessonState, newLessonState } from '@gobrel/core/lesson';
import { changeLesson, formatDocumentName } from '@gobrel/core/shared-doc';
import { useCallback } from 'react';
import { useObserved } from './observed';
import type { OpenDocument } from './open-document';
import type { Speaker } from '@gobrel/core/shared-doc';
import { lessonReading } from './readings';
import { useDocument, useStatus } from './use-document';
import { whenReady } from './when-ready';

/** A lesson's state and, for its teacher, the way to change it. */
export interface LiveLesson {
  /** `null` for the first moment. */
  readonly document: OpenDocument | null;
  readonly state: LessonState;
  /** Whether the state is known by now, and not only what a new lesson's would be. */
  readonly isReady: boolean;
  /** Changes the state by a command that is given it as it is now, or as it is once it is known. */
  readonly change: (command: (state: LessonState) => LessonChange) => void;
}

export function useLesson(lessonId: string, speaker: Speaker): LiveLesson {
  const document = useDocument(formatDocumentName({ kind: 'lesson', lessonId }), speaker);
  const isReady = useStatus(document, ({ ready }) => ready);
  const state = useObserved(document, lessonReading) ?? newLessonState;
  const change = useCallback(
    (command: (state: LessonState) => LessonChange) => {
      if (document) whenReady(document, () => changeLesson(document.doc, command));
    },
    [document],
  );
  return { document, state, isReady, change };
}
