/** Keeps what is said to somebody's work: seen at once, and taken back when it could not be kept. */
import type { LessonReviews, ReviewView } from '@gobrel/contract';
import { emptyReview, type Review } from '@gobrel/core/review';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { ask, messageOf, reviewsQuery } from '../../../../shared/api';
import { showToast } from '../../../../shared/ui';

/** What is to be kept, and to whose work it was said. */
interface ToKeep {
  readonly participantId: string;
  readonly review: Review;
}

const NOTHING_SAID: ReviewView = { review: emptyReview, releasedAt: null, returnedAt: null };

/**
 * One after the other, as each builds on the one before. What is fetched meanwhile, as when somebody submits, may be older
 * than what was just said: it is thrown away.
 */
export function useKeptReview(lessonId: string) {
  const queries = useQueryClient();
  const { queryKey } = reviewsQuery(lessonId);
  const put = (participantId: string, change: (before: ReviewView) => ReviewView) =>
    queries.setQueryData<LessonReviews>(queryKey, (known) => ({
      ...known,
      [participantId]: change(known?.[participantId] ?? NOTHING_SAID),
    }));
  return useMutation({
    scope: { id: `reviews of ${lessonId}` },
    mutationFn: ({ participantId, review }: ToKeep) =>
      ask<ReviewView>('PUT', `/lessons/${lessonId}/reviews/${participantId}`, { review }),
    onMutate: async ({ participantId, review }) => {
      await queries.cancelQueries({ queryKey });
      put(participantId, (before) => ({ ...before, review }));
    },
    onSuccess: async (view, { participantId }) => {
      await queries.cancelQueries({ queryKey });
      put(participantId, () => view);
    },
    onError: (error) => {
      showToast(messageOf(error), { tone: 'trouble' });
      return queries.invalidateQueries({ queryKey });
    },
  });
}
