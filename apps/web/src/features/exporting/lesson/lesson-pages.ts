/** What students did in a lesson, as a taken-along lesson tells it: whose work it is, how it did, what was said to it. */
import type { LessonView } from '@gobrel/contract';
import { type Deck, readDeck, readFields, slidesInOrder } from '@gobrel/core/deck';
import { withOwner } from '@gobrel/core/lesson';
import { isQuestion, type Marks, sumOfMarks } from '@gobrel/core/questions';
import { emptyReview, filledSlides, marksWith, readReview, type Review } from '@gobrel/core/review';
import { readWork, type Work } from '@gobrel/core/work';
import { messages, pointsInWords, slideName } from '../../../shared/messages';

/** A student's work, with its marks and what was said to it. */
export interface DoneWork {
  readonly name: string;
  readonly edition: Deck;
  readonly work: Work;
  readonly marks: Marks;
  readonly review: Review;
}

/** The files of a taken-along lesson that tell who did what, as values. */
export interface TakenLesson {
  readonly edition: unknown;
  readonly work: unknown;
  readonly reviews: unknown;
}

/** Everybody's work, in the order of the board; those who did nothing are left out. */
export function doneWorks(lesson: LessonView, { edition, work, reviews }: TakenLesson): readonly DoneWork[] {
  const { deck } = readDeck(edition);
  const works = readFields(work) ?? {};
  const reviewOf = new Map(
    (Array.isArray(reviews) ? reviews : []).map((entry: unknown) => {
      const fields = readFields(entry) ?? {};
      return [fields['participantId'], readReview(fields['review'])];
    }),
  );
  return lesson.participants.flatMap(({ name, participantId }) => {
    if (participantId === null || works[participantId] === undefined) return [];
    const done = readWork(works[participantId]);
    const review = reviewOf.get(participantId) ?? emptyReview;
    return [
      {
        name,
        edition: withOwner(deck, lesson.workMode, name),
        work: done,
        review,
        marks: marksWith(review, deck, done),
      },
    ];
  });
}

/** The slides of a student's work that are printed, and what is said under each. */
export function printedSlides(lesson: LessonView, done: DoneWork) {
  const { edition, marks, review } = done;
  const places = new Map(slidesInOrder(edition).map(({ id }, at) => [id, at + 1]));
  return filledSlides(edition, lesson.workMode).map(({ id }) => {
    const name = messages.paper.slide({ place: places.get(id) ?? 0, name: slideName(edition, id) });
    const own = Object.values(edition.items).filter((item) => item.slideId === id && isQuestion(item));
    const given = own.flatMap((item) => marks.items[item.id] ?? []);
    const said = review.comments.filter(({ slideId, text }) => slideId === id && text !== '').map(({ text }) => text);
    const why = own.flatMap((item) => review.overruled[item.id]?.why || []);
    return {
      slideId: id,
      caption: given.length === 0 ? name : `${name} · ${pointsInWords(sumOfMarks(given))}`,
      said: [...said, ...why].join('\n'),
    };
  });
}

/** How a student did as a whole. */
export function factsOf(lesson: LessonView, { marks }: DoneWork): string {
  const parts = [lesson.title, lesson.className, marks.outOf > 0 ? pointsInWords(marks) : ''];
  return parts.filter((part) => part !== '').join(' · ');
}
