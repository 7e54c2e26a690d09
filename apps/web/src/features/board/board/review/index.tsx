/** Reviewing what was submitted: a queue with what waits first, gone through by question or by student, by keys only. */
import type { LessonView } from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import { nextWaiting, overrule, type Overruling } from '@gobrel/core/review';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useMemo, useState } from 'react';
import { ask, lessonQuery, messageOf, reviewsQuery, scoresQuery } from '../../../../shared/api';
import { Button, Choose, Empty, IconButton, Loading, showToast } from '../../../../shared/ui';
import type { Watched } from '../../../../shared/watching';
import { messages } from '../../../../shared/messages';
import { inGroups, isPassedBy, type Order, type Place, placesOf, waitingFirst } from './places';
import { Queue } from './queue';
import { ReviewedAnswer } from './reviewed-answer';
import { ScoresLine } from './scores-line';
import { useKeptReview } from './use-kept-review';

interface ReviewProps {
  readonly lesson: LessonView;
  readonly edition: Deck;
  /** Their work as it is, with sounds and pictures. */
  readonly everybody: readonly Watched[];
}

/** Which answer is looked at. */
interface At {
  readonly who: string;
  readonly itemId: string;
}

/** The mark that was given last, and what was given before. */
interface LastGiven {
  readonly place: Place;
  readonly points: number;
  readonly before: Overruling | null;
}

export function Review({ lesson, edition, everybody }: ReviewProps) {
  const reviews = useQuery(reviewsQuery(lesson.id));
  const keep = useKeptReview(lesson.id);
  const underWay = keep.isPending ? keep.variables : null;
  const places = useMemo(
    () => placesOf(lesson, edition, everybody, { reviews: reviews.data, underWay }),
    [lesson, edition, everybody, reviews.data, underWay],
  );
  const [order, setOrder] = useState<Order>('byQuestion');
  const [at, setAt] = useState<At | null>(null);
  const [unfolded, setUnfolded] = useState<ReadonlySet<string>>(new Set());
  const [lastGiven, setLastGiven] = useState<LastGiven | null>(null);
  // What waits comes first as it is when one begins; later nothing jumps from under the pointer.
  const [groupOrder, setGroupOrder] = useState<readonly string[] | null>(null);
  const groups = useMemo(() => {
    const all = inGroups(places, order);
    if (!groupOrder) return waitingFirst(all);
    const place = (id: string) => (groupOrder.includes(id) ? groupOrder.indexOf(id) : groupOrder.length);
    return [...all].sort((a, b) => place(a.id) - place(b.id));
  }, [places, order, groupOrder]);

  if (reviews.isPending) return <Loading what={messages.reviewing.tab} />;
  const queue = groups.flatMap((group) => group.places);
  const here =
    queue.find(({ who, item }) => who === at?.who && item.id === at.itemId) ??
    queue.find(({ state }) => state === 'waits') ??
    queue[0];
  if (!here) return <Empty title={messages.reviewing.nobody} />;

  const goTo = ({ who, item }: Place) => {
    setGroupOrder((before) => before ?? groups.map(({ id }) => id));
    setAt({ who, itemId: item.id });
  };
  const inSight = groups.flatMap(({ id, places: all }) =>
    all.filter((place) => unfolded.has(id) || place === here || !isPassedBy(place)),
  );
  const index = inSight.indexOf(here);
  const onGo = (by: number) => {
    const next = inSight[index + by];
    if (next) goTo(next);
  };
  const toMark = queue.filter(({ state }) => state === 'waits' || state === 'reviewed');
  const reviewed = toMark.filter(({ state }) => state === 'reviewed').length;
  return (
    <div className="flex h-full flex-col gap-3">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-2">
        <span className="w-56">
          <Choose
            label={messages.reviewing.how}
            value={order}
            options={[
              { value: 'byQuestion', name: messages.reviewing.byQuestion },
              { value: 'byStudent', name: messages.reviewing.byStudent },
            ]}
            onChange={(next) => {
              setOrder(next);
              setGroupOrder(null);
              setAt(null);
            }}
          />
        </span>
        <IconButton name={messages.reviewing.before} disabled={index <= 0} onClick={() => onGo(-1)}>
          <ChevronLeft aria-hidden />
        </IconButton>
        <IconButton name={messages.reviewing.after} disabled={index === inSight.length - 1} onClick={() => onGo(1)}>
          <ChevronRight aria-hidden />
        </IconButton>
        <Progress done={reviewed} all={toMark.length} />
        <span role="status" className="flex items-center gap-2">
          {lastGiven ? (
            <>
              {messages.reviewing.gave({ name: lastGiven.place.participant.name, points: lastGiven.points })}
              <Button
                look="quiet"
                onClick={() => {
                  const { place, before } = lastGiven;
                  const now = queue.find(({ who, item }) => who === place.who && item.id === place.item.id) ?? place;
                  keep.mutate({ participantId: now.who, review: overrule(now.review, now.item.id, before) });
                  setLastGiven(null);
                  goTo(now);
                }}
              >
                {messages.common.undo}
              </Button>
            </>
          ) : null}
        </span>
        <ReleaseButton lesson={lesson} />
      </div>
      <ScoresLine lessonId={lesson.id} />
      <div className="grid gap-4 md:grid-cols-[13rem_minmax(0,1fr)] md:max-lg:grid-rows-[auto_1fr] lg:min-h-0 lg:flex-1 lg:grid-cols-[14rem_minmax(0,min(100%,100vh))_minmax(17rem,1fr)] lg:grid-rows-[minmax(0,1fr)] lg:[&>*]:overflow-y-auto">
        <Queue
          groups={groups}
          order={order}
          here={here}
          unfolded={unfolded}
          onUnfold={(id) => setUnfolded((before) => toggled(before, id))}
          onGo={goTo}
        />
        <ReviewedAnswer
          key={`${here.who} ${here.item.id}`}
          lesson={lesson}
          edition={edition}
          place={here}
          onReview={(review) => keep.mutate({ participantId: here.who, review })}
          onGo={onGo}
          onGiven={(points) => {
            setLastGiven({ place: here, points, before: here.review.overruled[here.item.id] ?? null });
            const next = nextWaiting(queue, { who: here.who, itemId: here.item.id });
            goTo(next ?? here);
          }}
        />
      </div>
    </div>
  );
}

function toggled(before: ReadonlySet<string>, id: string): ReadonlySet<string> {
  const next = new Set(before);
  if (!next.delete(id)) next.add(id);
  return next;
}

/** How many of the answers that need a teacher have been reviewed. */
function Progress({ done, all }: { done: number; all: number }) {
  if (all === 0) return <span className="text-soft">{messages.reviewing.nothingWaits}</span>;
  return (
    <span className="flex items-center gap-2">
      <span aria-hidden className="h-2 w-28 overflow-hidden rounded-full bg-rule">
        <span className="block h-full bg-reed says-by-length" style={{ width: `${(100 * done) / all}%` }} />
      </span>
      <span className="tabular-nums">{messages.reviewing.reviewed({ done, all })}</span>
    </span>
  );
}

function ReleaseButton({ lesson }: { lesson: LessonView }) {
  const queries = useQueryClient();
  const release = useMutation({
    mutationFn: () => ask<LessonView>('POST', `/lessons/${lesson.id}/release`, {}),
    onSuccess: (next) => {
      queries.setQueryData(lessonQuery(lesson.id).queryKey, next);
      void queries.invalidateQueries({ queryKey: scoresQuery(lesson.id).queryKey });
      showToast(messages.reviewing.released);
    },
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  return (
    <Button className="ms-auto" look="main" disabled={release.isPending} onClick={() => release.mutate()}>
      {messages.reviewing.release}
    </Button>
  );
}
