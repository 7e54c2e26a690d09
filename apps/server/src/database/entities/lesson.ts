/** Classes, students, lessons, participants and submissions. */
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('school_class')
export class ClassRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { name: 'teacher_id' })
  teacherId: string;

  @Column('text')
  name: string;
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
}

@Entity('lesson')
export class LessonRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { name: 'teacher_id' })
  teacherId: string;

  @Column('text', { name: 'class_id' })
  classId: string;

  @Column('text', { name: 'edition_hash' })
  editionHash: string;

  @Column('text')
  code: string;

  @Column('text', { name: 'work_mode' })
  workMode: string;

  @Column('text')
  pace: string;

  @Column('timestamptz', { name: 'opened_at' })
  openedAt: Date;

  @Column('timestamptz', { name: 'closed_at', nullable: true })
  closedAt: Date | null;

  /** Whether answers are closed for the moment. */
  @Column('boolean', { default: false })
  held: boolean;
}

@Entity('participant')
export class ParticipantRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { name: 'lesson_id' })
  lessonId: string;

  @Column('text', { name: 'student_id' })
  studentId: string;

  @Column('timestamptz', { name: 'joined_at' })
  joinedAt: Date;
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
  told: unknown;
}
