/** The terms on which a deck is handed out: who may come in, until when, how often, and what is shown when. */
import { isId, readBoolean, readFields, readNumber, readOneOf, readString, readStrings } from '../deck/index.js';

/** The work modes. */
export const workModes = ['copy-each', 'slide-each', 'copy-per-group'] as const;

/** A copy of the deck each; a slide each in one class deck; a copy that a group works in together. */
export type WorkMode = (typeof workModes)[number];

/** When students may see something: never, once they have submitted, or once the teacher has released it. */
export const showWhens = ['never', 'submitted', 'released'] as const;

/** When students may see something. */
type ShowWhen = (typeof showWhens)[number];

/** The terms of a lesson. Times are in milliseconds since 1970 by the server's clock. */
export interface LessonTerms {
  /** Nobody comes in before; `null` for at once. */
  readonly opensAt: number | null;
  readonly dueAt: number | null;
  /** Whether work may still be changed and submitted when it is late. */
  readonly late: boolean;
  /** How often somebody may submit; 0 for as often as they like. */
  readonly attempts: number;
  /** Their own marks. */
  readonly marks: ShowWhen;
  /** The reasons behind them, which give the key away. */
  readonly key: ShowWhen;
  /** The work of the others. */
  readonly others: ShowWhen;
  /** Whether somebody who is not in the class may come in by a first name. */
  readonly guests: boolean;
  /** What is to be done; on the first page that a student sees. */
  readonly instructions: string;
  /**
   * Whether slides behind links that wait for something are kept from a student's device until they can come to them. Such
   * a link then leads on only with a network.
   */
  readonly withholds: boolean;
  /** The students it was handed to; `null` for the whole class. */
  readonly students: readonly string[] | null;
}

/** The terms when nobody says anything about them. */
export const usualTerms: LessonTerms = {
  opensAt: null,
  dueAt: null,
  late: true,
  attempts: 0,
  marks: 'submitted',
  key: 'submitted',
  others: 'never',
  guests: false,
  instructions: '',
  withholds: false,
  students: null,
};

/** The most letters of instructions, and submissions that terms can allow. */
export const termLimits = { instructions: 2000, attempts: 20, students: 400 } as const;

const LATEST = 8.64e15;

/** Terms read from untrusted JSON; what cannot be read is as usual. */
export function readTerms(value: unknown): LessonTerms {
  const fields = readFields(value) ?? {};
  const time = (entry: unknown) => (typeof entry === 'number' ? readNumber(entry, 0, 0, LATEST) : null);
  return {
    opensAt: time(fields['opensAt']),
    dueAt: time(fields['dueAt']),
    late: readBoolean(fields['late'], usualTerms.late),
    attempts: Math.round(readNumber(fields['attempts'], 0, 0, termLimits.attempts)),
    marks: readOneOf(fields['marks'], showWhens, usualTerms.marks),
    key: readOneOf(fields['key'], showWhens, usualTerms.key),
    others: readOneOf(fields['others'], showWhens, usualTerms.others),
    guests: readBoolean(fields['guests'], false),
    instructions: readString(fields['instructions'], '', termLimits.instructions),
    withholds: readBoolean(fields['withholds'], false),
    students: Array.isArray(fields['students'])
      ? readStrings(fields['students'], 40, termLimits.students).filter(isId)
      : null,
  };
}

/** Whether the lesson has not opened yet at a moment.@param now in milliseconds since 1970, by the server's clock */
export function isBeforeOpening({ opensAt }: LessonTerms, now: number): boolean {
  return opensAt !== null && now < opensAt;
}

/** Whether something done at a moment is late.@param now in milliseconds since 1970, by the server's clock */
export function isLate({ dueAt }: Pick<LessonTerms, 'dueAt'>, now: number): boolean {
  return dueAt !== null && now > dueAt;
}

/** How long after the due time what was done before it may still arrive, in milliseconds: networks in schools are slow. */
export const ON_ITS_WAY = 3000;

/** Whether the time is over for good: it is late, and late work is not taken.@param now in milliseconds since 1970, by the server's clock */
export function isOver(terms: LessonTerms, now: number): boolean {
  return isLate(terms, now - ON_ITS_WAY) && !terms.late;
}

/**
 * Whether work that was submitted may be taken back to be changed.
 * @param submitted how often the student has submitted
 */
export function mayTakeBack(terms: LessonTerms, submitted: number, now: number): boolean {
  return !isLate(terms, now) && (terms.attempts === 0 || submitted < terms.attempts);
}

/** How somebody's work stands, as far as it matters for what they may see. */
interface Submitting {
  readonly submitted: boolean;
  readonly released: boolean;
  /** Whether it is for good: the lesson is closed, or nothing can be taken back any more. */
  readonly isFinal: boolean;
}

/**
 * Whether the key and the reasons behind marks may be seen. While work can be taken back and submitted anew, they would
 * be an answer sheet: then they wait for the last try, the due time or the release.
 */
export function isKeyShown({ key }: Pick<LessonTerms, 'key'>, standing: Submitting): boolean {
  return isShown(key, standing) && (standing.released || standing.isFinal);
}

/** Whether something may be seen, by how work stands. */
export function isShown(when: ShowWhen, { submitted, released }: { submitted: boolean; released: boolean }): boolean {
  return when === 'submitted' ? submitted || released : when === 'released' && released;
}
