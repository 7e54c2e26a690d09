/** A review: what a teacher says to somebody's work, over the marks that the keys gave. */
import {
  type Deck,
  isId,
  type ItemId,
  readFields,
  readNumber,
  readOneOf,
  readString,
  type SlideId,
} from '../deck/index.js';
import { givenMark, isQuestion, type Mark, type Marks, marksOf, markWork, unmarkedMark } from '../questions/index.js';
import { type Recording, readRecording, type Work } from '../work/index.js';

/** Points that a teacher gives instead of the key's, and why. */
export interface Overruling {
  readonly points: number;
  /** The reason, as the student reads it; may be ''. */
  readonly why: string;
}

/** The stickers of praise that a comment can carry. */
export const praises = ['star', 'sun', 'shell', 'lighthouse', 'compass', 'wave'] as const;

/** A sticker of praise. */
export type Praise = (typeof praises)[number];

/** Something said to a slide, or to a spot on it. */
export interface ReviewComment {
  readonly id: string;
  readonly slideId: SlideId;
  /** In slide units; `null` for the slide as a whole. */
  readonly spot: { readonly x: number; readonly y: number } | null;
  readonly text: string;
  readonly praise: Praise | null;
  readonly spoken: Recording | null;
}

/** What a teacher says to one participant's work. */
export interface Review {
  readonly overruled: Readonly<Record<ItemId, Overruling>>;
  readonly comments: readonly ReviewComment[];
}

/** A review in which nothing is said. */
export const emptyReview: Review = { overruled: {}, comments: [] };

/** The most comments, letters of one, letters of a reason, and bytes in base64 of what is spoken in one. */
const reviewLimits = { comments: 100, text: 2000, why: 500, sound: 260_000, overruled: 1000 } as const;

/** A review read from untrusted JSON; what cannot be read is left out. */
export function readReview(value: unknown): Review {
  const fields = readFields(value) ?? {};
  const overruled = Object.entries(readFields(fields['overruled']) ?? {})
    .slice(0, reviewLimits.overruled)
    .flatMap(([id, entry]): [ItemId, Overruling][] => {
      const given = readFields(entry);
      if (!isId(id) || typeof given?.['points'] !== 'number') return [];
      return [
        [id, { points: readNumber(given['points'], 0, 0, 1000), why: readString(given['why'], '', reviewLimits.why) }],
      ];
    });
  const comments = Array.isArray(fields['comments']) ? fields['comments'] : [];
  return {
    overruled: Object.fromEntries(overruled),
    comments: comments.slice(0, reviewLimits.comments).flatMap((entry) => readComment(entry) ?? []),
  };
}

function readComment(value: unknown): ReviewComment | null {
  const fields = readFields(value);
  if (!isId(fields?.['id']) || !isId(fields['slideId'])) return null;
  const spot = readFields(fields['spot']);
  const spoken = readRecording(fields['spoken']);
  return {
    id: fields['id'],
    slideId: fields['slideId'],
    spot: spot && { x: readNumber(spot['x'], 0), y: readNumber(spot['y'], 0) },
    text: readString(fields['text'], '', reviewLimits.text),
    praise: readOneOf<Praise | null>(fields['praise'], [...praises, null], null),
    spoken: spoken && spoken.bytes.length <= reviewLimits.sound ? spoken : null,
  };
}

/**
 * The marks with what the teacher gave, added up anew; never more than a question's points. A question that nobody marks
 * counts from the moment a teacher gives points for it.
 */
export function reviewedMarks(marks: Marks, { overruled }: Review, edition: Deck): Marks {
  const items: Record<ItemId, Mark> = { ...marks.items };
  for (const [id, { points, why }] of Object.entries(overruled)) {
    const item = edition.items[id];
    if (!item || !isQuestion(item) || item.hidden) continue;
    items[id] = givenMark(points, items[id] ?? unmarkedMark(item.points), why);
  }
  return marksOf(items);
}

/** The one way to the marks of some work: by the keys, and by what a teacher said to it. */
export function marksWith(review: Review, edition: Deck, work: Work): Marks {
  return reviewedMarks(markWork(edition, work), review, edition);
}

/** Sets or takes back what is given instead of the key's points. */
export function overrule(review: Review, itemId: ItemId, given: Overruling | null): Review {
  const { [itemId]: _before, ...others } = review.overruled;
  return { ...review, overruled: given ? { ...others, [itemId]: given } : others };
}

/** Adds a comment, or replaces the one of the same id. */
export function setComment(review: Review, comment: ReviewComment): Review {
  const known = review.comments.some(({ id }) => id === comment.id);
  return {
    ...review,
    comments: known
      ? review.comments.map((each) => (each.id === comment.id ? comment : each))
      : [...review.comments, comment],
  };
}

/** Takes a comment away. */
export function dropComment(review: Review, id: string): Review {
  return { ...review, comments: review.comments.filter((each) => each.id !== id) };
}
