/** Learning platforms of schools (LTI 1.3), and what of them is tied to what is here. */
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A platform, as a school's manager entered it. */
@Entity('platform')
export class PlatformRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { name: 'school_id' })
  schoolId: string;

  /** What people call it. */
  @Column('text')
  name: string;

  /** The address it calls itself. */
  @Column('text')
  issuer: string;

  /** As what it knows us. */
  @Column('text', { name: 'client_id' })
  clientId: string;

  @Column('text', { name: 'deployment_id' })
  deploymentId: string;

  /** Where it is asked who somebody is. */
  @Column('text', { name: 'sign_in_url' })
  signInUrl: string;

  /** Where it lets us ask and tell it things. */
  @Column('text', { name: 'token_url' })
  tokenUrl: string;

  /** Where its public keys are. */
  @Column('text', { name: 'keys_url' })
  keysUrl: string;
}

/** A launch that was shown to be the platform's, until the browser that it is for takes it up. */
@Entity('platform_ticket')
export class PlatformTicketRow {
  @PrimaryColumn('text', { name: 'token_hash' })
  tokenHash: string;

  @Column('text', { name: 'platform_id' })
  platformId: string;

  /** What the browser remembers as well. */
  @Column('text')
  state: string;

  @Column('text')
  nonce: string;

  /** Read with `readLaunch`. */
  @Column('jsonb')
  claims: object;

  @Column('timestamptz', { name: 'expires_at' })
  expiresAt: Date;
}

/** A class that a course of a platform is for one of its teachers. */
@Entity('platform_course')
export class PlatformCourseRow {
  @PrimaryColumn('text', { name: 'platform_id' })
  platformId: string;

  @PrimaryColumn('text')
  course: string;

  @PrimaryColumn('text', { name: 'teacher_id' })
  teacherId: string;

  @Column('text', { name: 'class_id' })
  classId: string;
}

/** What a teacher chose to be placed in a course: a deck, which becomes a lesson there, or a lesson. */
@Entity('platform_choice')
export class PlatformChoiceRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { name: 'platform_id' })
  platformId: string;

  @Column('text', { name: 'teacher_id' })
  teacherId: string;

  @Column('text', { name: 'deck_id', nullable: true })
  deckId: string | null;

  @Column('text', { name: 'lesson_id', nullable: true })
  lessonId: string | null;
}

/** A place in a course of a platform, and the lesson that opens there. */
@Entity('platform_link')
export class PlatformLinkRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { name: 'platform_id' })
  platformId: string;

  @Column('text')
  course: string;

  @Column('text', { name: 'course_title', default: '' })
  courseTitle: string;

  @Column('text')
  resource: string;

  @Column('text', { name: 'resource_title', default: '' })
  resourceTitle: string;

  /** `null` until a teacher has chosen. */
  @Column('text', { name: 'lesson_id', nullable: true })
  lessonId: string | null;

  /** Until when somebody is about to hand a deck out there; `null` for nobody. */
  @Column('timestamptz', { name: 'filling_until', nullable: true })
  fillingUntil: Date | null;

  /** Where its scores go; '' where the platform has no such place yet. */
  @Column('text', { name: 'line_item', default: '' })
  lineItem: string;

  /** Where a place for scores can be made; '' where none can. */
  @Column('text', { name: 'line_items', default: '' })
  lineItems: string;

  /** Where the platform says who is in the course; '' where it does not. */
  @Column('text', { name: 'members_url', default: '' })
  membersUrl: string;
}

/** A score that goes to a platform. */
@Entity('platform_score')
export class PlatformScoreRow {
  @PrimaryColumn('text', { name: 'link_id' })
  linkId: string;

  @PrimaryColumn('text', { name: 'student_id' })
  studentId: string;

  @Column('double precision')
  points: number;

  @Column('double precision', { name: 'out_of' })
  outOf: number;

  /** How many answers nobody has marked yet. */
  @Column('int')
  unmarked: number;

  /** When it is to be sent; `null` once it was. */
  @Column('timestamptz', { name: 'due_at', nullable: true })
  dueAt: Date | null;

  @Column('int', { default: 0 })
  tries: number;

  /** What the platform answered to the last try; '' where nothing went wrong. */
  @Column('text', { default: '' })
  trouble: string;

  /** When the score as it is was asked for: one that changes while it is sent is sent again. */
  @Column('timestamptz', { name: 'asked_at' })
  askedAt: Date;
}
