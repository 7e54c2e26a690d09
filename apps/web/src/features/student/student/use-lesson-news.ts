/** What the teacher steers, on a student's device; looks at the lesson again when the server says so. */
import type { MyLessonView } from '@gobrel/contract';
import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect } from 'react';
import { type LiveLesson, useHeard, useLesson } from '../../../shared/sync';
import { myLessonQuery } from '../../../shared/api';

/** The state, and whether it is known by now. */
export function useLessonNews({ lessonId }: MyLessonView): Pick<LiveLesson, 'state' | 'isReady'> {
  const { document, state, isReady } = useLesson(lessonId, 'student');
  const queries = useQueryClient();
  const look = useCallback(
    () => void queries.invalidateQueries({ queryKey: myLessonQuery.queryKey, exact: true }),
    [queries],
  );
  useEffect(() => document?.onNews(look), [document, look]);
  useHeard(document, look);
  return { state, isReady };
}
