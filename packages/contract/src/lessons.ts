/** Lessons: what is sent and what comes back, for the teacher who runs them. */
import { fault } from './fault.js';
import type { Deck } from '@gobrel/core/deck';
import type { RosterRef } from '@gobrel/core/formats';
import { type LessonTerms, paces, type Pace, termLimits, type WorkMode, workModes } from '@gobrel/core/lesson';
import type { Marks } from '@gobrel/core/questions';
import { type Affected, type GradedLesson, type NameForm, nameForms, type Review } from '@gobrel/core/review';
import type { Work } from '@gobrel/core/work';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsISO8601,
  IsObject,
  IsString,
  Length,
  MaxLength,
  ValidateIf,
} from 'class-validator';
import { Optional } from './optional.js';

/** Keeping a class deck as a deck of one's own. */
export class ClassDeckTerms {
  /** How students are named in it; as on the register when it is left out. */
  @Optional()
  @IsIn(nameForms, fault('other'))
  names?: NameForm;
}

/** Handing a deck out to a class, to some of it, or to anybody with the code. */
export class HandOut {
  @IsString()
  @Length(1, 40, fault('deck'))
  deckId: string;

  /** `null` for anybody with the code. */
  @ValidateIf((_order, value) => value !== null)
  @IsString()
  @Length(1, 40, fault('class'))
  classId: string | null;

  @IsIn(workModes, fault('work-mode'))
  workMode: WorkMode;

  @IsIn(paces, fault('pace'))
  pace: Pace;

  /** Read with `readTerms`; what is not given is as usual. */
  @Optional()
  @IsObject(fault('terms'))
  terms?: Partial<LessonTerms>;
}

/** Other terms for a lesson that runs. */
export class ChangeTerms {
  @IsObject(fault('terms'))
  terms: Partial<LessonTerms>;
}

/** Using a lesson again: its slides, for another class, without anybody's answers. */
export class UseAgain {
  @ValidateIf((_order, value) => value !== null)
  @IsString()
  @Length(1, 40, fault('class'))
  classId: string | null;
}

/** Somebody's work from elsewhere, to be brought into a lesson. */
export class WorkFromElsewhere {
  /** Whose: the key of a line of the board. */
  @IsString()
  @Length(1, 64, fault('other'))
  key: string;

  /** Read with `readWork`. */
  @IsObject(fault('other'))
  work: object;
}

/** What came of it: how many entries came, were there already, and did not fit. */
export interface BroughtWork {
  readonly taken: number;
  readonly kept: number;
  readonly unfit: number;
}

/** Holding answers, or letting them be changed again. */
export class Hold {
  @IsBoolean()
  held: boolean;
}

/** A question that was not planned: the slide it comes after, and a slide with it on. */
export class PutIn {
  @ValidateIf((_order, value) => value !== null)
  @IsString()
  @Length(1, 40)
  after: string | null;

  /** A deck of one slide, read with `readDeck`. */
  @IsObject(fault('slide'))
  slide: object;
}

/** What a teacher says to somebody's work. */
export class KeepReview {
  /** Read with `readReview`. */
  @IsObject(fault('review'))
  review: object;
}

/** Undoing a return: when the review was released and returned before it, as ISO 8601; `null` for never. */
export class UndoReturn {
  @ValidateIf((_undo, value) => value !== null)
  @IsISO8601()
  releasedAt: string | null;

  @ValidateIf((_undo, value) => value !== null)
  @IsISO8601()
  returnedAt: string | null;
}

/** Giving reviews free to be seen; to everybody who submitted when nobody is named. */
export class Release {
  @Optional()
  @IsArray()
  @ArrayMaxSize(termLimits.students)
  @IsString({ each: true })
  @MaxLength(40, { each: true })
  participantIds?: string[];
}

/** A lesson in a list. */
export interface LessonSummary {
  readonly id: string;
  readonly title: string;
  /** `null` when it was handed to anybody with the code. */
  readonly classId: string | null;
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
  readonly late: boolean;
  /** Whether it was there when the time was over, and so taken as handed in. */
  readonly collected: boolean;
}

/** Someone in a lesson, or a group; `participantId` is `null` until they have joined. */
export interface ParticipantView {
  /** Tells rows apart: the student's id, or the participant's where there is no student. */
  readonly key: string;
  readonly name: string;
  /** The students of a group; empty for somebody who works alone. */
  readonly members: readonly MemberView[];
  /** The group they are in; '' for none. */
  readonly group: string;
  readonly isGuest: boolean;
  readonly participantId: string | null;
  readonly joinedAt: string | null;
  /** When their work was stored the last time; `null` when it never was. */
  readonly changedAt: string | null;
  /** The submission that stands, or `null` when there is none or it was taken back. */
  readonly submission: SubmissionView | null;
  /** How often they have submitted. */
  readonly tries: number;
  readonly releasedAt: string | null;
  readonly returnedAt: string | null;
}

/** A student who works in a group. */
export interface MemberView {
  readonly participantId: string;
  readonly studentId: string;
  readonly name: string;
}

/** Somebody who was removed from a lesson; what they did is kept. */
export interface RemovedView {
  readonly participantId: string;
  readonly name: string;
}

/** A lesson as its teacher sees it. */
export interface LessonView {
  readonly id: string;
  readonly title: string;
  readonly classId: string | null;
  readonly className: string;
  readonly deckId: string | null;
  /** The hash of the edition. */
  readonly edition: string;
  readonly code: string;
  readonly workMode: WorkMode;
  readonly terms: LessonTerms;
  readonly openedAt: string;
  readonly closedAt: string | null;
  /** Whether answers are closed for the moment. */
  readonly held: boolean;
  readonly participants: readonly ParticipantView[];
  readonly removed: readonly RemovedView[];
}

/**
 * The present work of everybody in a lesson with its marks, by the keys and by what the teacher said to it; sounds are
 * asked for one by one.
 */
export type LessonMarks = Readonly<Record<string, { readonly work: Work; readonly marks: Marks }>>;

/** What a correction would change: the deck as it is now, and for whom something changes. */
export interface CorrectionView {
  readonly deck: Deck;
  readonly affected: readonly Affected[];
}

/** A review, and the tries it is about. */
export interface ReviewView {
  readonly review: Review;
  readonly releasedAt: string | null;
  readonly returnedAt: string | null;
}

/** Reviews by participant. */
export type LessonReviews = Readonly<Record<string, ReviewView>>;

/** Everybody's results in the lessons of a class. */
export interface GradebookView {
  readonly className: string;
  /** How the school's system knows the class; `null` when it is not from there. */
  readonly roster: RosterRef | null;
  readonly students: readonly {
    readonly id: string;
    readonly name: string;
    /** As the school's system knows them; '' when they are not known there. */
    readonly rosterId: string;
  }[];
  readonly lessons: readonly GradedLesson[];
}

/** A lesson out of a backup, as it was when it ended. */
export class LessonToRestore {
  /** A class of whoever restores it; `null` for none. */
  @ValidateIf((_lesson, value) => value !== null)
  @IsString()
  @Length(1, 40, fault('class'))
  classId: string | null;

  @IsIn(workModes, fault('work-mode'))
  workMode: WorkMode;

  /** Read with `readTerms`. */
  @IsObject(fault('terms'))
  terms: object;

  @IsISO8601({}, fault('other'))
  openedAt: string;

  /** Read with `readDeck`. */
  @IsObject(fault('slides'))
  edition: object;
}

/** Somebody's work in a restored lesson. */
export class WorkToRestore {
  /** What a guest or a group is called; of a student their name is on the register. */
  @IsString()
  @Length(1, 80, fault('first-name'))
  name: string;

  /** The students whose work it is; none for a guest, several for a group. */
  @IsArray()
  @ArrayMaxSize(400)
  @IsString({ each: true })
  @Length(1, 40, { each: true })
  studentIds: string[];

  /** Read with `readWork`. */
  @IsObject(fault('other'))
  work: object;

  /** Read with `readReview`. */
  @IsObject(fault('review'))
  review: object;

  /** ISO 8601; `null` while the student may not see it. */
  @ValidateIf((_work, value) => value !== null)
  @IsISO8601({}, fault('other'))
  releasedAt: string | null;
}

/** A submission of somebody's in a restored lesson. */
export class SubmissionToRestore {
  /** Read with `readWork`. */
  @IsObject(fault('submission'))
  work: object;

  @IsISO8601({}, fault('other'))
  submittedAt: string;

  /** ISO 8601; `null` for the one that stands. */
  @ValidateIf((_submission, value) => value !== null)
  @IsISO8601({}, fault('other'))
  takenBackAt: string | null;
}

/** Whose work was restored. */
export interface RestoredWork {
  readonly participantId: string;
}
