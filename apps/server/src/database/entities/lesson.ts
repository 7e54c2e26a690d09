/** Classes, students, lessons, participants and submissions. */
import type { RosterRef } from '@gobrel/core/formats';
import { Column, Entity, PrimaryColumn } from 'typeorm';
import type { Pace, WorkMode } from '@gobrel/core/lesson';

@Entity('school_class')
export class ClassRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { name: 'teacher_id' })
  teacherId: string;

  @Column('text')
  name: string;

  /** When it was put away; its lessons and its students' work stay. */
  @Column('timestamptz', { name: 'archived_at', nullable: true })
  archivedAt: Date | null;

  /** When it was put in the bin, its lessons with it; `null` while it is not there. */
  @Column('timestamptz', { name: 'deleted_at', nullable: true })
  deletedAt: Date | null;

  /** How the school's system knows it; `null` when it is not from there. */
  @Column('jsonb', { nullable: true })
  roster: RosterRef | null;
}

@Entity('student')
export class StudentRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { name: 'class_id' })
  classId: string;

  @Column('text')
  name: string;

  /** Hash of the PIN; `null` until the student's first visit. */
  @Column('text', { name: 'pin_hash', nullable: true })
  pinHash: string | null;

  /** The group they work in; '' for none. */
  @Column('text', { name: 'group_name', default: '' })
  groupName: string;

  /** As the school's system knows them; '' when they are not known there. */
  @Column('text', { name: 'roster_id', default: '' })
  rosterId: string;
}

@Entity('lesson')
export class LessonRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { name: 'teacher_id' })
  teacherId: string;

  /** `null` when it was handed to anybody with the code. */
  @Column('text', { name: 'class_id', nullable: true })
  classId: string | null;

  /** The deck it was handed out from, where corrections come from; `null` when that is not known. */
  @Column('text', { name: 'deck_id', nullable: true })
  deckId: string | null;

  @Column('text', { name: 'edition_hash' })
  editionHash: string;

  @Column('text')
  code: string;

  @Column('text', { name: 'work_mode' })
  workMode: WorkMode;

  @Column('text')
  pace: Pace;

  @Column('timestamptz', { name: 'opened_at' })
  openedAt: Date;

  @Column('timestamptz', { name: 'closed_at', nullable: true })
  closedAt: Date | null;

  /** Whether answers are closed for the moment. */
  @Column('boolean', { default: false })
  held: boolean;

  /** The terms on which it was handed out, read with `readTerms`. */
  @Column('jsonb', { default: {} })
  terms: object;

  /** The due time for which what was there has been collected; `null` for none. */
  @Column('timestamptz', { name: 'collected_for', nullable: true })
  collectedFor: Date | null;

  /** Slides that were put in while it ran, and that its deck does not have. */
  @Column('jsonb', { name: 'put_in', default: [] })
  putIn: string[];

  /** When it was put in the bin, by itself or with its class; `null` while it is not there. */
  @Column('timestamptz', { name: 'deleted_at', nullable: true })
  deletedAt: Date | null;
}

@Entity('participant')
export class ParticipantRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { name: 'lesson_id' })
  lessonId: string;

  /** `null` for a guest and for a group. */
  @Column('text', { name: 'student_id', nullable: true })
  studentId: string | null;

  /** The name of a guest or of a group. */
  @Column('text', { nullable: true })
  name: string | null;

  /** Whether it is a group, in whose work others work. */
  @Column('boolean', { name: 'is_group', default: false })
  isGroup: boolean;

  /** When they were removed from the lesson; what they did is kept. */
  @Column('timestamptz', { name: 'removed_at', nullable: true })
  removedAt: Date | null;

  /** The participant of the group in whose work they work; `null` for work of their own. */
  @Column('text', { name: 'works_in', nullable: true })
  worksIn: string | null;

  @Column('timestamptz', { name: 'joined_at' })
  joinedAt: Date;

  /** The slides they could come to so far, where the terms withhold the others; not kept up elsewhere. */
  @Column('text', { array: true, default: () => "'{}'" })
  reached: string[];
}

/** An immutable submission; taking it back only sets `takenBackAt`. */
@Entity('submission')
export class SubmissionRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { name: 'participant_id' })
  participantId: string;

  @Column('int')
  number: number;

  /** The device's own name for this submission, so that repeating it is harmless. */
  @Column('text')
  key: string;

  @Column('jsonb')
  work: unknown;

  @Column('jsonb')
  marks: unknown;

  @Column('text', { name: 'edition_hash' })
  editionHash: string;

  @Column('timestamptz', { name: 'submitted_at' })
  submittedAt: Date;

  @Column('timestamptz', { name: 'taken_back_at', nullable: true })
  takenBackAt: Date | null;
}

/** How often a participant had an answer checked, and what they were told the last time. */
@Entity('answer_check')
export class AnswerCheckRow {
  @PrimaryColumn('text', { name: 'participant_id' })
  participantId: string;

  @PrimaryColumn('text', { name: 'item_id' })
  itemId: string;

  @Column('int')
  tries: number;

  @Column('jsonb')
  feedback: unknown;
}

/** What a teacher says to a participant's work, read with `readReview`. */
@Entity('review')
export class ReviewRow {
  @PrimaryColumn('text', { name: 'participant_id' })
  participantId: string;

  @Column('jsonb')
  review: unknown;

  /** When the student may see it; `null` while they may not. */
  @Column('timestamptz', { name: 'released_at', nullable: true })
  releasedAt: Date | null;

  /** When the work was given back for another try the last time. */
  @Column('timestamptz', { name: 'returned_at', nullable: true })
  returnedAt: Date | null;
}
