/** Keeps the board live: who joined and submitted by the server's news, marks a moment after anybody's work changed. */
import type { LessonMarks } from '@gobrel/contract';
import { useQuery, useQueryClient, type UseQueryResult } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef } from 'react';
import { type LiveLesson, useBackAgain, useLesson } from '../../live';
import { lessonQuery, marksQuery } from '../../server';
import type { Watched } from '../../watching';

/** Pause before marks are fetched again after a change, in milliseconds: many change at once. */
const GATHER = 700;

/** What the board follows. */
export interface BoardNews {
  /** What the teacher steers. */
  readonly live: LiveLesson;
  /** Everybody's work and marks, by participant: asked of the server, so not there at once. */
  readonly marks: UseQueryResult<LessonMarks>;
}

export function useBoardNews(lessonId: string, everybody: readonly Watched[]): BoardNews {
  const queries = useQueryClient();
  const live = useLesson(lessonId, 'teacher');
  const marks = useQuery(marksQuery(lessonId));
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const look = useCallback(() => {
    clearTimeout(timer.current);
    timer.current = setTimeout(
      () => void queries.invalidateQueries({ queryKey: marksQuery(lessonId).queryKey }),
      GATHER,
    );
  }, [queries, lessonId]);
  const { document } = live;
  const lookAtAll = useCallback(() => {
    void queries.invalidateQueries({ queryKey: lessonQuery(lessonId).queryKey, exact: true });
    look();
  }, [queries, lessonId, look]);
  useEffect(() => document?.onNews(lookAtAll), [document, lookAtAll]);
  useBackAgain(document, lookAtAll);
  const done = useMemo(() => everybody.map(({ work }) => work), [everybody]);
  const known = useRef(done);
  useEffect(() => {
    // Marks are computed on the server, so a change of work means asking it again.
    if (done.some((work, at) => work !== known.current[at])) look();
    known.current = done;
  }, [done, look]);
  return { live, marks };
}
