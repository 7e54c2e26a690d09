/** Lessons, joining and submitting: what is sent and what comes back. */
import type { Deck } from '@gobrel/core/deck';
import type { Marks, Told } from '@gobrel/core/questions';
import type { Work } from '@gobrel/core/work';
import { ArrayMaxSize, IsArray, IsBoolean, IsIn, IsString, Length, Matches } from 'class-validator';

/** Work modes that a lesson can have. */
export const workModes = ['copy-each'] as const;
/** Paces that a lesson can have. */
export const paces = ['own-pace'] as const;

/** Handing a deck out to a class. */
export class HandOut {
  @IsString()
  @Length(1, 40, { message: 'Choose a deck.' })
  deckId: string;

  @IsString()
  @Length(1, 40, { message: 'Choose a class.' })
  classId: string;

  @IsIn(workModes, { message: 'Choose how the students work.' })
  workMode: (typeof workModes)[number];

  @IsIn(paces, { message: 'Choose the pace.' })
  pace: (typeof paces)[number];
}

/** A student coming in: the lesson's code, who they are, and their PIN (set at the first visit). */
export class Join {
  @IsString()
  @Length(1, 20, { message: 'Type the code that is on the board.' })
  code: string;

  @IsString()
  @Length(1, 40, { message: 'Pick your name.' })
  studentId: string;

  @Matches(/^\d{4}$/, { message: 'A PIN has four digits.' })
  pin: string;
}

/** Submitting; the key makes it safe to repeat when no answer came. */
export class Submit {
  @Matches(/^[\w-]{8,40}$/, { message: 'The device did not say which submission this is.' })
  key: string;
}

/** Holding answers, or letting them be changed again. */
export class Hold {
  @IsBoolean()
  held: boolean;
}

/** Asking how answers stand, by the ids of their questions. */
export class CheckAnswers {
  @IsArray()
  @ArrayMaxSize(100)
  @IsString({ each: true })
  @Length(1, 40, { each: true })
  itemIds: string[];
}

/** A lesson in a list. */
export interface LessonSummary {
  readonly id: string;
  readonly title: string;
  readonly className: string;
  readonly code: string;
  readonly openedAt: string;
  readonly closedAt: string | null;
  readonly joined: number;
  readonly submitted: number;
  readonly students: number;
  readonly cover: Deck;
}

/** A submission as the teacher and the student see it. */
export interface SubmissionView {
  readonly number: number;
  readonly submittedAt: string;
}

/** Someone of the class in a lesson; `participantId` is `null` until they have joined. */
export interface ParticipantView {
  readonly studentId: string;
  readonly name: string;
  readonly participantId: string | null;
  readonly joinedAt: string | null;
  /** The submission that stands, or `null` when there is none or it was taken back. */
  readonly submission: SubmissionView | null;
}

/** A lesson as its teacher sees it. */
export interface LessonView {
  readonly id: string;
  readonly title: string;
  readonly className: string;
  readonly code: string;
  readonly openedAt: string;
  readonly closedAt: string | null;
  /** Whether answers are closed for the moment. */
  readonly held: boolean;
  readonly participants: readonly ParticipantView[];
}

/** The present work of everybody in a lesson with its marks, computed on the server; sounds are asked for one by one. */
export type LessonMarks = Readonly<Record<string, { readonly work: Work; readonly marks: Marks }>>;

/** What somebody with the code sees before they are in. */
export interface JoinView {
  readonly title: string;
  readonly className: string;
  readonly students: readonly { readonly id: string; readonly name: string; readonly hasPin: boolean }[];
}

/** A lesson as a student in it sees it. */
export interface MyLessonView {
  readonly lessonId: string;
  readonly title: string;
  readonly className: string;
  readonly name: string;
  readonly participantId: string;
  readonly closedAt: string | null;
  /** Whether answers are closed for the moment. */
  readonly held: boolean;
  readonly submission: SubmissionView | null;
  /** What they were told of their answers, by the id of the question. */
  readonly told: Readonly<Record<string, Told>>;
}

/** Whether something was answered right. */
export interface AnswerCheck {
  readonly right: boolean;
}
