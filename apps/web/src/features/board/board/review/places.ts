/** Every answer of everybody who submitted, with how it stands, in the groups in which it is gone through. */
import type { LessonReviews, LessonView, ParticipantView } from '@gobrel/contract';
import { type Deck, itemsOf, nameOf, slidesInOrder } from '@gobrel/core/deck';
import { isFixed } from '@gobrel/core/lesson';
import { isQuestion, type Marks, markWork } from '@gobrel/core/questions';
import {
  emptyReview,
  type Queued,
  type Review,
  type Reviewable,
  type ReviewState,
  reviewStateOf,
} from '@gobrel/core/review';
import type { Work } from '@gobrel/core/work';
import type { Watched } from '../../../../shared/watching';
import { messages } from '../../../../shared/messages';

/** Somebody who has taken part. */
export type Participant = ParticipantView & { readonly participantId: string };

/** One answer that is looked at. */
export interface Place extends Queued {
  readonly participant: Participant;
  readonly item: Reviewable;
  readonly work: Work;
  /** The marks that the keys gave. */
  readonly byKey: Marks;
  readonly review: Review;
  readonly state: ReviewState;
}

/** Answers that are gone through one after the other: all to a question, or all of a student. */
export interface PlaceGroup {
  readonly id: string;
  readonly name: string;
  readonly places: readonly Place[];
}

/** Whether answers are grouped by their question or by their student. */
export type Order = 'byQuestion' | 'byStudent';

/** What the server has of reviews, with what was said since and is on its way. */
interface Said {
  readonly reviews: LessonReviews | undefined;
  readonly underWay: { readonly participantId: string; readonly review: Review } | null;
}

/** All answers, by student. */
export function placesOf(
  lesson: Pick<LessonView, 'participants' | 'workMode'>,
  edition: Deck,
  everybody: readonly Pick<Watched, 'participant' | 'work'>[],
  { reviews, underWay }: Said,
): readonly Place[] {
  const items = slidesInOrder(edition).flatMap(({ id }) =>
    itemsOf(edition, id).filter(
      (item): item is Reviewable =>
        (isQuestion(item) || item.kind === 'open-area') && !item.hidden && !isFixed(edition, lesson.workMode, item.id),
    ),
  );
  const works = new Map(everybody.map(({ participant, work }) => [participant.participantId, work]));
  return lesson.participants.flatMap((participant): readonly Place[] => {
    const { participantId: who } = participant;
    const work = works.get(who);
    if (who === null || participant.tries === 0 || !work) return [];
    const byKey = markWork(edition, work);
    // What was said last is built on, whatever is fetched while it is on its way.
    const review = underWay?.participantId === who ? underWay.review : (reviews?.[who]?.review ?? emptyReview);
    const person = { ...participant, participantId: who };
    return items.map((item) => ({
      who,
      participant: person,
      item,
      work,
      byKey,
      review,
      state: reviewStateOf(item, work, byKey, review),
    }));
  });
}

/** The answers in groups, as the deck has its questions or the class its students. */
export function inGroups(places: readonly Place[], order: Order): readonly PlaceGroup[] {
  const groups = new Map<string, { name: string; places: Place[] }>();
  for (const place of places) {
    const { item, participant, who } = place;
    const id = order === 'byQuestion' ? item.id : who;
    const name = order === 'byQuestion' ? nameOf(item) || messages.kinds[item.kind] : participant.name;
    const group = groups.get(id);
    if (group) group.places.push(place);
    else groups.set(id, { name, places: [place] });
  }
  return [...groups].map(([id, group]) => ({ id, ...group }));
}

/** Groups with something that waits before the others. */
export function waitingFirst(groups: readonly PlaceGroup[]): readonly PlaceGroup[] {
  const waits = ({ places }: PlaceGroup) => places.some(({ state }) => state === 'waits');
  return [...groups.filter(waits), ...groups.filter((group) => !waits(group))];
}

/** Whether an answer is passed by: nothing is left to do there. */
export function isPassedBy({ state }: Place): boolean {
  return state === 'marked' || state === 'empty' || state === 'free';
}
