/** Keeps the board live: who joined, submitted and was reviewed, by the server's news. */
import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect } from 'react';
import { type LiveLesson, useHeard, useLesson, useSentOut } from '../../../shared/sync';
import { lessonQuery, reviewsQuery } from '../../../shared/api';

/** What the teacher steers, with the lesson and its reviews asked for anew whenever the server says that they changed. */
export function useBoardNews(lessonId: string): LiveLesson {
  const queries = useQueryClient();
  const live = useLesson(lessonId, 'teacher');
  const { document } = live;
  const lookAtAll = useCallback(() => {
    void queries.invalidateQueries({ queryKey: lessonQuery(lessonId).queryKey, exact: true });
    void queries.invalidateQueries({ queryKey: reviewsQuery(lessonId).queryKey });
  }, [queries, lessonId]);
  useEffect(() => document?.onNews(lookAtAll), [document, lookAtAll]);
  useHeard(document, lookAtAll);
  useSentOut(document, lookAtAll);
  return live;
}
