/** One answer: its slide with the comments, the points, and returning the work. */
import type { LessonView, ParticipantView } from '@gobrel/contract';
import { type Deck, nameOf } from '@gobrel/core/deck';
import { isQuestion } from '@gobrel/core/questions';
import { overrule, type Review, reviewedMarks } from '@gobrel/core/review';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Undo2 } from 'lucide-react';
import { useRef } from 'react';
import { ask, lessonQuery, messageOf } from '../../../../shared/api';
import { Button, showToast } from '../../../../shared/ui';
import { messages } from '../../../../shared/messages';
import type { Place } from './places';
import { Points } from './points';
import { ReviewedSlide } from './reviewed-slide';
import { useReviewKeys } from './use-review-keys';

interface ReviewedAnswerProps {
  readonly lesson: LessonView;
  readonly edition: Deck;
  readonly place: Place;
  readonly onReview: (review: Review) => void;
  /** Goes on or back by so many answers. */
  readonly onGo: (by: number) => void;
  /** Points were given by one press: what waits next may come. */
  readonly onGiven: (points: number) => void;
}

export function ReviewedAnswer({ lesson, edition, place, onReview, onGo, onGiven }: ReviewedAnswerProps) {
  const { participant, item, work, byKey, review } = place;
  const comment = useRef<HTMLTextAreaElement>(null);
  const giveBack = useReturning(lesson, participant);
  const asking = isQuestion(item) ? item : null;
  const most = byKey.items[item.id]?.outOf ?? asking?.points ?? 0;
  const give = (points: number, why = review.overruled[item.id]?.why ?? '') => {
    if (asking) onReview(overrule(review, item.id, { points: Math.min(points, most), why }));
  };
  const giveAndGoOn = (points: number) => {
    if (!asking) return;
    give(points);
    onGiven(Math.min(points, most));
  };
  useReviewKeys({
    onGo,
    onPoints: giveAndGoOn,
    onComment: () => comment.current?.focus(),
    onReturn: () => (participant.submission ? giveBack.mutate(participant) : undefined),
  });
  const { submission, tries, releasedAt } = participant;
  return (
    <>
      <ReviewedSlide
        edition={edition}
        slideId={item.slideId}
        participant={participant}
        work={work}
        marks={reviewedMarks(byKey, review, edition)}
        review={review}
        field={comment}
        onReview={onReview}
      />
      <section aria-label={nameOf(item)} className="flex min-w-0 flex-col gap-3">
        <div>
          <h2 className="text-lg">{participant.name}</h2>
          <p className="text-sm text-soft">
            {[
              messages.reviewing.try({ number: submission?.number ?? tries }),
              submission?.late ? messages.reviewing.late : '',
              releasedAt ? messages.reviewing.releasedAt : '',
            ]
              .filter(Boolean)
              .join(' · ')}
          </p>
        </div>
        {asking ? (
          <Points
            item={asking}
            edition={edition}
            work={work}
            mark={byKey.items[item.id]}
            overruled={review.overruled[item.id]}
            onGive={give}
            onGiveAndGoOn={giveAndGoOn}
            onKey={() => onReview(overrule(review, item.id, null))}
          />
        ) : (
          <p className="text-soft">{messages.reviewing.ownThings}</p>
        )}
        <Button disabled={submission === null || giveBack.isPending} onClick={() => giveBack.mutate(participant)}>
          <Undo2 size={18} aria-hidden /> {messages.reviewing.giveBack}
        </Button>
        <p className="text-sm text-soft">{messages.reviewing.keys}</p>
      </section>
    </>
  );
}

/** Returning somebody's work for another try, with a way to take it back. */
function useReturning(lesson: LessonView, { participantId, name }: Place['participant']) {
  const queries = useQueryClient();
  const address = `/lessons/${lesson.id}/reviews/${participantId}/return`;
  const take = (next: LessonView) => queries.setQueryData(lessonQuery(lesson.id).queryKey, next);
  const undo = useMutation({
    mutationFn: ({ releasedAt, returnedAt }: ParticipantView) =>
      ask<LessonView>('POST', `${address}/undo`, { releasedAt, returnedAt }),
    onSuccess: (next) => {
      take(next);
      showToast(messages.reviewing.notGivenBack({ name }));
    },
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  return useMutation({
    // How it stood when it was pressed: news of its being returned may be here before the answer is.
    mutationFn: (_before: ParticipantView) => ask<LessonView>('POST', address),
    onSuccess: (next, before) => {
      take(next);
      showToast(messages.reviewing.givenBack({ name }), {
        action: { name: messages.common.undo, run: () => undo.mutate(before) },
      });
    },
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
}
