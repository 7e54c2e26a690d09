/** Schools, their colleagues and teams, and what is shared with them. */
import type { AuthorRight } from '@gobrel/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('school')
export class SchoolRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text')
  name: string;
}

/** A teacher in their school; there is one for each. */
@Entity('colleague')
export class ColleagueRow {
  @PrimaryColumn('text', { name: 'teacher_id' })
  teacherId: string;

  @Column('text', { name: 'school_id' })
  schoolId: string;

  /** Whether they let others in and out. */
  @Column('boolean', { default: false })
  manages: boolean;

  @Column('timestamptz', { default: () => 'now()' })
  since: Date;
}

/** Somebody who was asked to a school by mail and has not come yet. */
@Entity('school_invitation')
export class SchoolInvitationRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { name: 'token_hash' })
  tokenHash: string;

  @Column('text', { name: 'school_id' })
  schoolId: string;

  /** Who asks; `null` once they have left. */
  @Column('text', { name: 'by_teacher', nullable: true })
  byTeacher: string | null;

  @Column('text')
  email: string;

  @Column('timestamptz', { name: 'sent_at', default: () => 'now()' })
  sentAt: Date;
}

/** Colleagues who share decks with each other. */
@Entity('team')
export class TeamRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { name: 'school_id' })
  schoolId: string;

  @Column('text')
  name: string;
}

@Entity('team_member')
export class TeamMemberRow {
  @PrimaryColumn('text', { name: 'team_id' })
  teamId: string;

  @PrimaryColumn('text', { name: 'teacher_id' })
  teacherId: string;
}

/** A team that has a deck. */
@Entity('deck_team')
export class DeckTeamRow {
  @PrimaryColumn('text', { name: 'deck_id' })
  deckId: string;

  @PrimaryColumn('text', { name: 'team_id' })
  teamId: string;

  @Column('text')
  may: AuthorRight;

  /** When it ends; `null` for never. */
  @Column('timestamptz', { nullable: true })
  until: Date | null;
}

/** A deck on a school's shelf. */
@Entity('deck_offer')
export class DeckOfferRow {
  @PrimaryColumn('text', { name: 'deck_id' })
  deckId: string;

  @Column('text', { name: 'school_id' })
  schoolId: string;

  @Column('text')
  may: AuthorRight;

  @Column('timestamptz', { nullable: true })
  until: Date | null;

  @Column('text')
  subject: string;

  @Column('int', { name: 'age_from' })
  ageFrom: number;

  @Column('int', { name: 'age_to' })
  ageTo: number;

  @Column('timestamptz', { name: 'offered_at', default: () => 'now()' })
  offeredAt: Date;
}
