/** The marks of a class, made of the very work that is here: nothing is said of what was not looked at. */
import type { LessonMarks, LessonReviews, ParticipantView } from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import { isQuestion, type Marks } from '@gobrel/core/questions';
import { emptyReview, MarksMemo } from '@gobrel/core/review';
import type { Work } from '@gobrel/core/work';

/** Somebody of the class with their work, and whether it is here. */
export interface Seat {
  readonly participant: Pick<ParticipantView, 'participantId'>;
  readonly work: Work;
  readonly isKnown: boolean;
}

/** So many answers are marked at once on the page; more are marked apart. */
export const MARKED_AT_ONCE = 2000;

/** What a look gives. */
export interface Look {
  /**
   * By participant, each with the work that was marked. Whoever has not joined or whose work is not here is left out;
   * whose work is still to be marked apart has their last marks, with the work they are of.
   */
  readonly marks: LessonMarks;
  /** Whether everybody who joined was in some look by now: before that, sums would be too small. */
  readonly isComplete: boolean;
  /** The works to be marked apart. */
  readonly left: readonly Work[];
}

/** Marks a class again and again, each work once. */
export class MarkedClass {
  private readonly memo = new MarksMemo();
  private edition: Deck | null = null;
  private last: LessonMarks = {};
  private questions = 0;
  private isComplete = false;

  look(edition: Deck, everybody: readonly Seat[], reviews: LessonReviews): Look {
    if (edition !== this.edition) {
      this.edition = edition;
      this.last = {};
      this.questions = Object.values(edition.items).filter(isQuestion).length;
    }
    const seats = everybody.flatMap(({ participant: { participantId }, work, isKnown }) =>
      participantId !== null && isKnown ? [{ id: participantId, work }] : [],
    );
    const unmarked = seats.flatMap(({ work }) => (this.memo.has(edition, work) ? [] : [work]));
    const left = unmarked.length * this.questions > MARKED_AT_ONCE ? unmarked : [];
    const apart = new Set(left);
    this.last = Object.fromEntries(
      seats.flatMap(({ id, work }): [string, LessonMarks[string]][] => {
        const last = this.last[id];
        if (apart.has(work)) return last ? [[id, last]] : [];
        const marks = this.memo.marks(edition, work, reviews[id]?.review ?? emptyReview);
        return [[id, last?.work === work && last.marks === marks ? last : { work, marks }]];
      }),
    );
    this.isComplete ||= everybody.every(
      ({ participant: { participantId } }) => participantId === null || this.last[participantId],
    );
    return { marks: this.last, isComplete: this.isComplete, left };
  }

  /** Takes the marks by the keys of works that were marked apart, in the same order. */
  learn(edition: Deck, works: readonly Work[], marks: readonly Marks[]): void {
    works.forEach((work, at) => marks[at] && this.memo.put(edition, work, marks[at]));
  }
}
