/** Having answers checked by the server, which has the keys; answers are sent there first. */
import type { MyLessonView } from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import { feedbackOnPresent } from '@gobrel/core/questions';
import type { Work } from '@gobrel/core/work';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { OpenDocument } from '../../../shared/sync';
import { ask, myLessonQuery } from '../../../shared/api';
import { showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

/** How long answers may take to reach the server before they are checked, in milliseconds. */
const PATIENCE = 4000;

/** What was told of the answers as they are now, and checking more of them. */
export function useChecks(lesson: MyLessonView, document: OpenDocument, edition: Deck, work: Work) {
  const queries = useQueryClient();
  const feedback = useMemo(() => feedbackOnPresent(lesson.feedback, work, edition), [lesson.feedback, work, edition]);
  const check = useMutation({
    mutationFn: async (itemIds: readonly string[]) => {
      if (!(await document.reachedServer(PATIENCE))) throw new Error('the server cannot be reached');
      return ask<MyLessonView>('POST', '/my-lesson/checks', { itemIds });
    },
    onSuccess: (next) => queries.setQueryData(myLessonQuery.queryKey, next),
    onError: () => showToast(messages.telling.cannot, { tone: 'trouble' }),
  });
  return { feedback, checking: check.isPending, check: (itemIds: readonly string[]) => check.mutate(itemIds) };
}
