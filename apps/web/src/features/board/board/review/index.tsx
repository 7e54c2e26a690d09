/** Reviewing what was submitted: through all students by question, or all questions by student, by keys only. */
import type { LessonMarks, LessonView, ParticipantView } from '@gobrel/contract';
import { type QuestionItem, type Deck, itemsOf, nameOf, type OpenAreaItem, slidesInOrder } from '@gobrel/core/deck';
import { isFixed } from '@gobrel/core/lesson';
import { isQuestion, markWork } from '@gobrel/core/questions';
import { emptyReview, overrule, reviewedMarks, type Review as ReviewOf } from '@gobrel/core/review';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ChevronLeft, ChevronRight, Undo2 } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import { ask, lessonQuery, messageOf, reviewsQuery } from '../../../../shared/api';
import { Button, Choose, Empty, IconButton, showToast } from '../../../../shared/ui';
import type { Watched } from '../../../../shared/watching';
import { messages } from '../../../../shared/messages';
import { ReviewedSlide } from './reviewed-slide';
import { Points } from './points';
import { useKeptReview } from './use-kept-review';
import { useReviewKeys } from './use-review-keys';

interface ReviewProps {
  readonly lesson: LessonView;
  readonly edition: Deck;
  readonly marks: LessonMarks;
  /** Their work as it is, with sounds and pictures. */
  readonly everybody: readonly Watched[];
}

/** One answer that is looked at. */
interface Place {
  readonly participant: ParticipantView & { readonly participantId: string };
  readonly item: Reviewed;
}

/** What is looked at: a question, or an area in which students add things of their own. */
type Reviewed = QuestionItem | OpenAreaItem;

type Order = 'byQuestion' | 'byStudent';

export function Review({ lesson, edition, marks, everybody }: ReviewProps) {
  const [order, setOrder] = useState<Order>('byQuestion');
  const [at, setAt] = useState(0);
  const places = useMemo(() => placesIn(lesson, edition, order), [lesson, edition, order]);
  const place = places[Math.min(at, places.length - 1)];
  if (!place) return <Empty title={messages.reviewing.nobody} />;
  const here = Math.min(at, places.length - 1);
  return (
    <>
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <span className="w-60">
          <Choose
            label={messages.reviewing.how}
            value={order}
            options={[
              { value: 'byQuestion', name: messages.reviewing.byQuestion },
              { value: 'byStudent', name: messages.reviewing.byStudent },
            ]}
            onChange={(next) => {
              setOrder(next);
              setAt(0);
            }}
          />
        </span>
        <IconButton name={messages.reviewing.before} disabled={here === 0} onClick={() => setAt(here - 1)}>
          <ChevronLeft aria-hidden />
        </IconButton>
        <span className="tabular-nums" role="status">
          {messages.reviewing.progress({ done: here + 1, all: places.length })}
        </span>
        <IconButton
          name={messages.reviewing.after}
          disabled={here === places.length - 1}
          onClick={() => setAt(here + 1)}
        >
          <ChevronRight aria-hidden />
        </IconButton>
        <ReleaseButton lesson={lesson} />
      </div>
      <Reviewing
        key={`${place.participant.participantId} ${place.item.id}`}
        lesson={lesson}
        edition={edition}
        marks={marks}
        everybody={everybody}
        place={place}
        onGo={(by) => setAt(Math.max(0, Math.min(places.length - 1, here + by)))}
      />
      <p className="mt-3 text-sm text-soft">{messages.reviewing.keys}</p>
    </>
  );
}

/** Every answer of everybody who submitted, in the order in which they are gone through. */
function placesIn(lesson: LessonView, edition: Deck, order: Order): readonly Place[] {
  const items = slidesInOrder(edition).flatMap(({ id }) =>
    itemsOf(edition, id).filter(
      (item): item is Reviewed =>
        (isQuestion(item) || item.kind === 'open-area') && !item.hidden && !isFixed(edition, lesson.workMode, item.id),
    ),
  );
  const people = lesson.participants.flatMap((participant) =>
    participant.participantId !== null && participant.tries > 0
      ? [{ ...participant, participantId: participant.participantId }]
      : [],
  );
  return order === 'byQuestion'
    ? items.flatMap((item) => people.map((participant) => ({ participant, item })))
    : people.flatMap((participant) => items.map((item) => ({ participant, item })));
}

function ReleaseButton({ lesson }: { lesson: LessonView }) {
  const queries = useQueryClient();
  const release = useMutation({
    mutationFn: () => ask<LessonView>('POST', `/lessons/${lesson.id}/release`, {}),
    onSuccess: (next) => {
      queries.setQueryData(lessonQuery(lesson.id).queryKey, next);
      showToast(messages.reviewing.released);
    },
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  return (
    <Button className="ml-auto" look="main" disabled={release.isPending} onClick={() => release.mutate()}>
      {messages.reviewing.release}
    </Button>
  );
}

interface ReviewingProps extends ReviewProps {
  readonly place: Place;
  readonly onGo: (by: number) => void;
}

function Reviewing({ lesson, edition, marks, everybody, place: { participant, item }, onGo }: ReviewingProps) {
  const queries = useQueryClient();
  const reviews = useQuery(reviewsQuery(lesson.id));
  const { participantId } = participant;
  const comment = useRef<HTMLTextAreaElement>(null);
  const keep = useKeptReview(lesson.id);
  // What was said last is built on, whatever is fetched while it is on its way.
  const underWay = keep.isPending && keep.variables.participantId === participantId ? keep.variables.review : null;
  const review = underWay ?? reviews.data?.[participantId]?.review ?? emptyReview;
  const say = (next: ReviewOf) => keep.mutate({ participantId, review: next });
  const giveBack = useMutation({
    // How it stood when it was pressed: news of its being returned may be here before the answer is.
    mutationFn: (_before: ParticipantView) =>
      ask<LessonView>('POST', `/lessons/${lesson.id}/reviews/${participantId}/return`),
    onSuccess: (next, before) => {
      queries.setQueryData(lessonQuery(lesson.id).queryKey, next);
      showToast(messages.reviewing.givenBack({ name: participant.name }), {
        action: { name: messages.common.undo, run: () => undoReturn.mutate(before) },
      });
    },
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  const undoReturn = useMutation({
    mutationFn: ({ releasedAt, returnedAt }: ParticipantView) =>
      ask<LessonView>('POST', `/lessons/${lesson.id}/reviews/${participantId}/return/undo`, { releasedAt, returnedAt }),
    onSuccess: (next) => {
      queries.setQueryData(lessonQuery(lesson.id).queryKey, next);
      showToast(messages.reviewing.notGivenBack({ name: participant.name }));
    },
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  const asking = isQuestion(item) ? item : null;
  const entry = marks[participantId];
  const work = everybody.find((each) => each.participant.participantId === participantId)?.work;
  const byKey = useMemo(() => (work ? markWork(edition, work) : null), [edition, work]);
  const give = (points: number, why = review.overruled[item.id]?.why ?? '') => {
    const most = byKey?.items[item.id]?.outOf ?? asking?.points ?? 0;
    if (asking) say(overrule(review, item.id, { points: Math.min(points, most), why }));
  };
  useReviewKeys({
    onGo,
    onPoints: give,
    onComment: () => comment.current?.focus(),
    onReturn: () => (participant.submission ? giveBack.mutate(participant) : undefined),
  });
  if (!entry || !work || !byKey) return null;
  return (
    <div className="grid gap-5 xl:grid-cols-[minmax(0,1fr)_22rem]">
      <ReviewedSlide
        edition={edition}
        slideId={item.slideId}
        participant={participant}
        work={work}
        marks={reviewedMarks(byKey, review, edition)}
        review={review}
        field={comment}
        onReview={say}
      />
      <section aria-label={nameOf(item)} className="flex flex-col gap-3">
        <div>
          <h3 className="text-lg">{participant.name}</h3>
          <p className="text-sm text-soft">
            {[
              participant.submission
                ? messages.reviewing.try({ number: participant.submission.number })
                : messages.reviewing.try({ number: participant.tries }),
              participant.submission?.late ? messages.reviewing.late : '',
              participant.releasedAt ? messages.reviewing.releasedAt : '',
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
            onKey={() => say(overrule(review, item.id, null))}
          />
        ) : (
          <p className="text-soft">{messages.reviewing.ownThings}</p>
        )}
        <Button
          disabled={participant.submission === null || giveBack.isPending}
          onClick={() => giveBack.mutate(participant)}
        >
          <Undo2 size={18} aria-hidden /> {messages.reviewing.giveBack}
        </Button>
      </section>
    </div>
  );
}
