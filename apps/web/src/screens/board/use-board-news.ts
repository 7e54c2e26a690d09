/** Keeps the board live: who joined and submitted by the server's news, marks a moment after anybody's work changed. */
import type { LessonMarks } from '@gobrel/contract';
import { formatDocumentName } from '@gobrel/core/shared-doc';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef } from 'react';
import { type OpenDocument, useDocument } from '../../live';
import { lessonQuery, marksQuery } from '../../server';

/** Pause before marks are fetched again after a change, in milliseconds: many change at once. */
const GATHER = 700;
const noMarks: LessonMarks = {};

export interface BoardNews {
  /** The lesson's shared document. */
  readonly document: OpenDocument | null;
  /** Everybody's work and marks, by participant. */
  readonly marks: LessonMarks;
  /** To be called when somebody's work changed. */
  readonly look: () => void;
}

export function useBoardNews(lessonId: string): BoardNews {
  const queries = useQueryClient();
  const document = useDocument(formatDocumentName({ kind: 'lesson', lessonId }), 'teacher');
  const marks = useQuery(marksQuery(lessonId));
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const look = useCallback(() => {
    clearTimeout(timer.current);
    timer.current = setTimeout(
      () => void queries.invalidateQueries({ queryKey: marksQuery(lessonId).queryKey }),
      GATHER,
    );
  }, [queries, lessonId]);
  useEffect(
    () =>
      document?.onNews(() => {
        void queries.invalidateQueries({ queryKey: lessonQuery(lessonId).queryKey, exact: true });
        look();
      }),
    [document, queries, lessonId, look],
  );
  return { document, marks: marks.data ?? noMarks, look };
}
