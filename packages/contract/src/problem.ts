/** The one shape of an error: a code that the interface puts into words, and what the words are filled with. */
import type { Toll } from '@gobrel/core/toll';
import type { FaultCode } from './fault.js';

/** What can be looked for and not be there, or not be open to who asks. */
export type Missing =
  | 'class'
  | 'colleague'
  | 'deck'
  | 'edition'
  | 'file'
  | 'lesson'
  | 'participant'
  | 'picture'
  | 'place'
  | 'platform'
  | 'question'
  | 'school'
  | 'seat'
  | 'show'
  | 'sound'
  | 'team'
  | 'template'
  | 'student'
  | 'theme'
  | 'unit'
  | 'version';

/** The problems that are told with values, and which. */
export interface ProblemValues {
  readonly 'not-found': { readonly what: Missing };
  /** The time to wait, in seconds. */
  readonly 'too-many-attempts': { readonly seconds: number };
  /** Very many come in from one address: a device has to pay before it is let in. */
  readonly toll: Toll;
  /** Millions of pixels: those of the picture, and the most that can be opened. */
  readonly 'too-many-pixels': { readonly millions: number; readonly most: number };
  /** The largest that a file may be, in megabytes. */
  readonly 'over-largest-file': { readonly most: number };
  /** What somebody has stored, and the most they may, in megabytes. */
  readonly 'no-room': { readonly used: number; readonly most: number };
  readonly 'too-many-templates': { readonly most: number };
  readonly 'too-many-themes': { readonly most: number };
  readonly 'too-many-tokens': { readonly most: number };
  readonly 'too-many-units': { readonly most: number };
  /** The most slides a template has. */
  readonly 'no-slides': { readonly most: number };
}

/** The problems that need no values. */
const plainProblems = [
  'address-taken',
  'bad-address',
  'broken-picture',
  'class-deleted',
  'class-in-bin',
  'database-away',
  'deck-deleted',
  'deck-deleted-by-owner',
  'file-too-large',
  'foreign-page',
  'full',
  'in-a-school',
  'last-manager',
  'launch-not-verified',
  'launch-too-late',
  'launch-unknown',
  'lesson-closed',
  'lesson-deleted',
  'lesson-deleted-by-teacher',
  'link-is-used-up',
  'no-mail',
  'lesson-over',
  'name-in-use',
  'name-on-list',
  'no-deck',
  'is-submitted',
  'no-file',
  'no-guests',
  'no-pin',
  'no-picture',
  'no-slide',
  'no-students',
  'no-such-account',
  'no-such-code',
  'no-such-picture',
  'not-a-picture',
  'no-school',
  'not-allowed',
  'not-in-lesson',
  'not-open-yet',
  'not-valid',
  'nothing-here',
  'offline',
  'only-way-in',
  'passcode-needed',
  'passcode-wrong',
  'pin-just-set',
  'place-empty',
  'place-needs-class',
  'place-taken',
  'provider-away',
  'provider-no-address',
  'provider-refused',
  'provider-students',
  'refused',
  'removed',
  'seat-taken',
  'server-fault',
  'share-ended',
  'show-over',
  'sign-in',
  'slow-picture',
  'scope-missing',
  'stays-submitted',
  'stopping',
  'through-school',
  'too-deep',
  'token-unknown',
  'too-large',
  'too-late',
  'unreadable',
  'upload-gone',
  'upload-unfinished',
  'went-on',
  'wrong-password',
  'wrong-pin',
] as const;

/** A problem that needs no values. */
export type PlainProblem = (typeof plainProblems)[number];

/** Why a request did not succeed. */
type ProblemCode = PlainProblem | keyof ProblemValues;

/** An error as it is sent. */
export interface Problem {
  /** The HTTP status; 0 when the server was not reached. */
  readonly status: number;
  readonly code: ProblemCode;
  readonly values?: ProblemValues[keyof ProblemValues];
  /** What is wrong with single fields of a form, by the field's name. */
  readonly fields?: Readonly<Record<string, FaultCode>>;
}

/** The problems that are told with values, complete by its type. */
const filledProblems: Readonly<Record<keyof ProblemValues, true>> = {
  'not-found': true,
  'too-many-attempts': true,
  toll: true,
  'too-many-pixels': true,
  'over-largest-file': true,
  'no-room': true,
  'too-many-templates': true,
  'too-many-themes': true,
  'too-many-tokens': true,
  'too-many-units': true,
  'no-slides': true,
};

/** Whether a response body is a problem, and one that there are words for here. */
export function isProblem(value: unknown): value is Problem {
  return (
    typeof value === 'object' &&
    value !== null &&
    'status' in value &&
    typeof value.status === 'number' &&
    'code' in value &&
    typeof value.code === 'string' &&
    (plainProblems.some((code) => code === value.code) || Object.hasOwn(filledProblems, value.code))
  );
}
