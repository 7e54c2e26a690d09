/** Feedback: what a student may know of how an answer stands, and when. */
import {
  type Asking,
  type QuestionItem,
  type Deck,
  type Item,
  type ItemId,
  itemsOf,
  readFields,
  readNumber,
  readOneOf,
  readString,
  type SlideId,
} from '../deck/index.js';
import { fillKindOf, type Work } from '../work/index.js';
import { type Mark, type Verdict, verdictNames } from './mark.js';
import { isQuestion, markItem, type Marks, markWork } from './marking.js';
import { type Reason, readReason } from './reason.js';

/** What a student is told of an answer. Never the key, unless it may be seen by now. */
export interface AnswerFeedback {
  readonly verdict: Verdict;
  /** Points the answer earns, in halves. */
  readonly points: number;
  /** Points it could earn. */
  readonly outOf: number;
  /** What the author says to such an answer; '' for nothing. */
  readonly says: string;
  /** The reason behind the mark, which may give the key away; `null` while that may not be seen. */
  readonly why: Reason | null;
  /** How often it can still be checked; `null` for any number of times. */
  readonly left: number | null;
  /** The answer that it is about, as `answerFingerprint` has it: of another answer nothing is told. */
  readonly of: string;
}

/**
 * What is told of an answer when it is checked, `null` when nothing may be. The key may be seen
 * when nothing is left to try.
 * @param tries how many checks it has had, this one included
 */
export function feedbackNow(item: Item, work: Work, edition: Deck, tries: number): AnswerFeedback | null {
  if (!isQuestion(item) || item.feedbackAt !== 'at-once') return null;
  const mark = markItem(item, work, edition);
  if (!mark) return null;
  const left = attemptsLeft(item, tries);
  return feedbackOf(item, mark, left, left === 0 || mark.verdict === 'right', answerFingerprint(item, work, edition));
}

/**
 * What is told of every answer once work is submitted, by marks that may be seen.
 * @param isOpen whether the reasons behind the keys' marks may be seen; a teacher's own always may
 */
export function feedbackOnSubmitted(
  work: Work,
  edition: Deck,
  isOpen = true,
  marks: Marks = markWork(edition, work),
): Readonly<Record<ItemId, AnswerFeedback>> {
  return Object.fromEntries(
    Object.values(edition.items).flatMap((item): [ItemId, AnswerFeedback][] => {
      const mark = marks.items[item.id];
      if (!isQuestion(item) || item.hidden || !mark || (item.feedbackAt === 'never' && !mark.byTeacher)) return [];
      return [
        [item.id, feedbackOf(item, mark, 0, isOpen || mark.byTeacher === true, answerFingerprint(item, work, edition))],
      ];
    }),
  );
}

/** Whether an answer stays as it is, since it was checked as often as it may be. @param tries how many checks it has had */
export function isUsedUp(item: Item, tries: number): boolean {
  return isQuestion(item) && item.feedbackAt === 'at-once' && item.attempts > 0 && tries >= item.attempts;
}

/** How often an answer can still be checked; `null` for any number of times. */
export function attemptsLeft(item: Item, tries: number): number | null {
  return isQuestion(item) && item.attempts > 0 ? Math.max(0, item.attempts - tries) : null;
}

/**
 * How an answer stands, for a link that goes by it: nothing of what could be told beside the verdict. `null` for what is
 * never marked.
 */
export function judge(item: Item, work: Work, edition: Deck): AnswerFeedback | null {
  const mark = markItem(item, work, edition);
  return (
    mark && {
      verdict: mark.verdict,
      points: mark.points,
      outOf: mark.outOf,
      says: '',
      why: null,
      left: null,
      of: answerFingerprint(item, work, edition),
    }
  );
}

/** What somebody answered to one item, so that two answers can be compared; '' for what is no question. */
export function answerFingerprint(item: Item, work: Work, edition: Deck): string {
  return fillKindOf(item)?.fingerprint(item, work, edition) ?? '';
}

/** What was told of the answers as they are now: what was told of others does not hold any more. */
export function feedbackOnPresent(
  feedback: Readonly<Record<ItemId, AnswerFeedback>>,
  work: Work,
  edition: Deck,
): Readonly<Record<ItemId, AnswerFeedback>> {
  const entries = Object.entries(feedback).filter(([id, { of, left }]) => {
    const item = edition.items[id];
    return item !== undefined && (left === 0 || answerFingerprint(item, work, edition) === of);
  });
  return Object.fromEntries(entries);
}

/** The questions of a slide that tell how an answer stands when they are asked, in the order of their stacking. */
export function checkableOn(edition: Deck, slideId: SlideId): readonly QuestionItem[] {
  return itemsOf(edition, slideId).filter(
    (item): item is QuestionItem => isQuestion(item) && item.feedbackAt === 'at-once' && !item.hidden,
  );
}

/** What was told, read from stored or sent JSON. */
export function readFeedback(value: unknown): AnswerFeedback {
  const fields = readFields(value) ?? {};
  return {
    verdict: readOneOf(fields['verdict'], verdictNames, 'empty'),
    points: readNumber(fields['points'], 0),
    outOf: readNumber(fields['outOf'], 0),
    says: readString(fields['says'], ''),
    why: readReason(fields['why']),
    left: typeof fields['left'] === 'number' ? fields['left'] : null,
    of: readString(fields['of'], '', 50_000),
  };
}

function feedbackOf(
  item: Asking,
  { verdict, points, outOf, why }: Mark,
  left: number | null,
  isOpen: boolean,
  of: string,
): AnswerFeedback {
  const says = verdict === 'empty' || verdict === 'unmarked' ? '' : item.feedback[verdict];
  return { verdict, points, outOf, says, why: isOpen ? why : null, left, of };
}
