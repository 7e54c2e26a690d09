/** What the teacher steers, on a student's device; looks at the lesson again when the server says so. */
import type { MyLessonView } from '@gobrel/contract';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { type LiveLesson, useLesson } from '../../live';
import { myLessonQuery } from '../../server';

/** The state, and whether it is known by now. */
export function useLessonNews({ lessonId }: MyLessonView): Pick<LiveLesson, 'state' | 'isReady'> {
  const { document, state, isReady } = useLesson(lessonId, 'student');
  const queries = useQueryClient();
  useEffect(
    () => document?.onNews(() => void queries.invalidateQueries({ queryKey: myLessonQuery.queryKey, exact: true })),
    [document, queries],
  );
  return { state, isReady };
}
