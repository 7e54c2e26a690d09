/** What the teacher steers: whether it is this student's turn to show, and whether the lesson is still open. */
import type { MyLessonView } from '@gobrel/contract';
import { formatDocumentName } from '@gobrel/core/shared-doc';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { lessonReading, useDocument, useObserved } from '../../live';
import { myLessonQuery } from '../../server';

/** Whether this participant's slides are on the class screen. Looks at the lesson again when the server says so. */
export function useLessonNews({ lessonId, participantId }: MyLessonView): boolean {
  const document = useDocument(formatDocumentName({ kind: 'lesson', lessonId }), 'student');
  const lesson = useObserved(document, lessonReading);
  const queries = useQueryClient();
  useEffect(
    () => document?.onNews(() => void queries.invalidateQueries({ queryKey: myLessonQuery.queryKey, exact: true })),
    [document, queries],
  );
  return lesson?.showing === participantId;
}
