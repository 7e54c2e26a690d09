/** What Odile said to the exit questions: points she gave herself, and a word to some. */
import { emptyReview, overrule, type Praise, type Review, setComment } from '@gobrel/core/review';

const said: readonly (readonly [text: string, praise: Praise | null])[] = [
  ['Read the question once more: it asks for all of them.', null],
  ['You explain it better than the book.', 'lighthouse'],
  ['Nearly! Look at the tide table by the door.', null],
  ['', 'star'],
];

/** What was said to one student's answers, by their place in the register. */
export function exitReview(place: number): Review {
  const [text, praise] = said[place % said.length] ?? ['', null];
  const comment = { id: `said-${place}`, slideId: `exit-${1 + (place % 3)}`, spot: null, text, praise, spoken: null };
  const review = setComment(emptyReview, comment);
  // A plant named by its look is worth something to a person, if not to the key.
  return place % 7 === 3
    ? overrule(review, 'exit-plant', { points: 1, why: 'The right plant, its name half right.' })
    : review;
}
