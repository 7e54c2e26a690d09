/** Coming into a lesson and working in it: what is sent and what comes back, for students. */
import type { Deck, SlideId } from '@gobrel/core/deck';
import type { LessonTerms, WorkMode } from '@gobrel/core/lesson';
import type { MarkSum, Marks, AnswerFeedback } from '@gobrel/core/questions';
import type { ReviewComment } from '@gobrel/core/review';
import type { Work } from '@gobrel/core/work';
import { ArrayMaxSize, IsArray, IsBoolean, IsString, Length, Matches } from 'class-validator';
import { fault } from './fault.js';
import { Optional } from './optional.js';
import { Trimmed } from './trimmed.js';
import type { SubmissionView } from './lessons.js';

/** A student coming in: the lesson's code, who they are, and their PIN (set at the first visit). */
export class Join {
  @IsString()
  @Length(1, 20, fault('code'))
  code: string;

  @IsString()
  @Length(1, 40, fault('name'))
  studentId: string;

  @Matches(/^\d{4}$/, fault('pin'))
  pin: string;

  /** Whether whoever comes from their school's sign-in in this browser is this student from then on. */
  @Optional()
  @IsBoolean()
  connects?: boolean;
}

/** A guest coming in by a first name. */
export class JoinAsGuest {
  @IsString()
  @Length(1, 20, fault('code'))
  code: string;

  @Trimmed()
  @IsString()
  @Length(1, 40, fault('first-name'))
  name: string;

  /** What was paid for it, where a toll was asked for. */
  @Optional()
  @IsString()
  @Length(0, 40)
  toll?: string;
}

/** Submitting; the key makes it safe to repeat when no answer came. */
export class Submit {
  @Matches(/^[\w-]{8,40}$/, fault('submission'))
  key: string;
}

/** Asking how answers stand, by the ids of their questions. */
export class CheckAnswers {
  @IsArray()
  @ArrayMaxSize(100)
  @IsString({ each: true })
  @Length(1, 40, { each: true })
  itemIds: string[];
}

/** Something a student does towards the class: a hand up or down, applause, a written question. */
export class Signal {
  @Optional()
  @IsBoolean()
  hand?: boolean;

  @Optional()
  @IsBoolean()
  applause?: boolean;

  @Optional()
  @Trimmed()
  @IsString()
  @Length(1, 300, fault('question'))
  question?: string;
}

/** What somebody with the code sees before they are in. */
export interface JoinView {
  readonly title: string;
  readonly className: string;
  readonly students: readonly {
    readonly id: string;
    readonly name: string;
    readonly hasPin: boolean;
    readonly group: string;
  }[];
  /** Whether somebody who is not listed may come in by a first name. */
  readonly guests: boolean;
  /** Whether it is over: whoever has been in may come in to look at their work. */
  readonly closed: boolean;
}

/** The edition as a student's device may have it by now. */
export interface MyEdition extends Deck {
  /** Slides of which the device has nothing but the place: they come once they can be come to. */
  readonly beyond: readonly SlideId[];
}

/** What a student is told of a review once it is released. */
export interface MyReview {
  /** Their marks; `null` where the terms do not show them. */
  readonly marks: Marks | null;
  readonly comments: readonly ReviewComment[];
  /** What was answered otherwise than in the try before, by the ids of the questions. */
  readonly changed: readonly string[];
}

/** A lesson as a student in it sees it. */
export interface MyLessonView {
  readonly lessonId: string;
  readonly title: string;
  readonly className: string;
  /** The student's own name. */
  readonly name: string;
  /** Whose work it is: the group's where they work together. */
  readonly owner: string;
  /** The others of the group; empty when they work alone. */
  readonly members: readonly string[];
  /** Under which their work is kept: the group's where they work together. */
  readonly participantId: string;
  /** The hash of the edition. */
  readonly edition: string;
  readonly workMode: WorkMode;
  readonly terms: Pick<LessonTerms, 'dueAt' | 'late' | 'attempts' | 'instructions' | 'others'>;
  readonly closedAt: string | null;
  /** Whether answers are closed for the moment. */
  readonly held: boolean;
  readonly submission: SubmissionView | null;
  /** How often they have submitted. */
  readonly tries: number;
  /** Whether the submission may be taken back. */
  readonly mayTakeBack: boolean;
  /** When it was given back for another try the last time. */
  readonly returnedAt: string | null;
  /** Points out of how many, where marks are shown; `null` where they are not, or there are none. */
  readonly points: MarkSum | null;
  /** What they were told of their answers, by the id of the question. */
  readonly feedback: Readonly<Record<string, AnswerFeedback>>;
  /** `null` until it is released. */
  readonly review: MyReview | null;
}

/** The work of the others, where it may be seen; sounds are left out. */
export type OthersWork = readonly { readonly participantId: string; readonly name: string; readonly work: Work }[];

/** Whether something was answered right. */
export interface AnswerCheck {
  readonly right: boolean;
}
